package org.ledgerlamp.server.projections;

import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.SignedIn;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Keeping the ledger's list and the registers anew. */
@RestController
class RebuildController {
    private final RebuildJob job;

    RebuildController(RebuildJob job) {
        this.job = job;
    }

    /**
     * How far it is.
     *
     * @param done folios gone through
     * @param folios how many there were when it began
     * @param endedAt null while it goes on
     */
    record LedgerRebuildProgress(int done, int folios, Instant begunAt, @Nullable Instant endedAt) {
        static LedgerRebuildProgress of(LedgerRebuild r) {
            return new LedgerRebuildProgress(r.done(), r.folios(), r.begunAt(), r.endedAt());
        }
    }

    /** @param rebuild the one under way, or the last one; null where there was none */
    record LedgerRebuildView(@Nullable LedgerRebuildProgress rebuild) {}

    @GetMapping("/api/ledger-rebuild")
    LedgerRebuildView progress(@AuthenticationPrincipal SignedIn who) {
        return new LedgerRebuildView(
                job.of(who.teamId()).map(LedgerRebuildProgress::of).orElse(null));
    }

    /** Begins, in the background. */
    @PostMapping("/api/ledger-rebuild")
    @ResponseStatus(HttpStatus.ACCEPTED)
    LedgerRebuildProgress begin(@AuthenticationPrincipal SignedIn who) {
        return LedgerRebuildProgress.of(job.begin(who.teamId()));
    }
}
