package org.ledgerlamp.server.asking;

import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Turns;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Kept questions over HTTP. */
@RestController
@RequestMapping("/api/kept")
class KeptController {
    private final KeptService kept;
    private final Turns turns;

    KeptController(KeptService kept, Turns turns) {
        this.kept = kept;
        this.turns = turns;
    }

    @GetMapping
    List<KeptView> all(@AuthenticationPrincipal SignedIn who) {
        return kept.all(who.teamId());
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    KeptView keep(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody LampQuestion asked) {
        return turns.take(() -> kept.keep(who, asked));
    }

    /** Asks it again; what is kept stays as it is. */
    @GetMapping("/{id}")
    KeptView.AskedAgain again(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return turns.take(() -> kept.again(who.teamId(), id));
    }

    /** Keeps what the ledger says now in place of what is kept. */
    @PutMapping("/{id}")
    KeptView renew(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch) {
        return turns.take(() -> kept.renew(who, id, ifMatch));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void letGo(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        kept.letGo(who.teamId(), id);
    }
}
