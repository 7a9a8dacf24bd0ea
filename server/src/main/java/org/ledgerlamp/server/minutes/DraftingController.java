package org.ledgerlamp.server.minutes;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.SignedIn;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/**
 * Drafting over HTTP. It goes on in the background; whoever would rather wait for the draft than ask again says so with
 * {@code Prefer: wait=60} (RFC 7240). No transaction is open while somebody waits.
 */
@RestController
class DraftingController {
    private static final Pattern WAIT = Pattern.compile("(?:^|[,;\\s])wait=(\\d{1,4})(?:$|[,;\\s])");
    private static final int LONGEST_WAIT_SECONDS = 120;

    private final DraftingDesk drafting;

    DraftingController(DraftingDesk drafting) {
        this.drafting = drafting;
    }

    /** @param template the form of the draft, or null for the one that fits the meeting */
    record DraftingWish(@Nullable @Size(max = 80) String template) {}

    /** Begins to draft, or to draft anew what nobody has touched since. */
    @Operation(summary = "Draft a meeting's minutes")
    @PostMapping("/api/meetings/{id}/minutes")
    @ResponseStatus(HttpStatus.ACCEPTED)
    DraftingView draft(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @RequestHeader(required = false) @Nullable String prefer,
            @Valid @RequestBody DraftingWish wish)
            throws InterruptedException {
        DraftingView begun = drafting.begin(who, id, wish.template(), null);
        return drafting.viewWithin(who.teamId(), begun.id(), wait(prefer));
    }

    /** How far a drafting is. */
    @GetMapping("/api/draftings/{id}")
    DraftingView drafting(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @RequestHeader(required = false) @Nullable String prefer)
            throws InterruptedException {
        return drafting.viewWithin(who.teamId(), id, wait(prefer));
    }

    private static Duration wait(@Nullable String prefer) {
        Matcher m = WAIT.matcher(prefer == null ? "" : prefer);
        return m.find()
                ? Duration.ofSeconds(Math.min(LONGEST_WAIT_SECONDS, Integer.parseInt(m.group(1))))
                : Duration.ZERO;
    }
}
