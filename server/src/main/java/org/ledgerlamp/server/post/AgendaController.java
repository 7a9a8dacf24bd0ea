package org.ledgerlamp.server.post;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.SignedIn;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Circulating an agenda, over HTTP. */
@RestController
@RequestMapping("/api/meetings/{id}/agenda-letter")
class AgendaController {
    private final AgendaPost post;

    AgendaController(AgendaPost post) {
        this.post = post;
    }

    /**
     * What is to be sent. {@code to} may hold others than those invited; whoever sends it gets none.
     *
     * @param outside whether it is meant to leave the team's own domains
     */
    record AgendaOrder(
            @Nullable @Size(max = 5000) String message,
            boolean withMatters,
            @NotNull @NotEmpty @Size(max = 200) List<@Valid Recipient> to,
            boolean outside) {}

    record Wanted(@Nullable @Size(max = 5000) String message, boolean withMatters) {}

    record AgendaWords(String subject, String text) {}

    /** To whom it would go, and who is invited without an address. */
    @GetMapping
    AgendaPost.Reach invited(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return post.invited(who, id);
    }

    /** The words as they would go out. */
    @PostMapping("/words")
    AgendaWords words(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody Wanted wanted) {
        var letter = post.letter(who.teamId(), id, wanted.message(), wanted.withMatters());
        return new AgendaWords(letter.subject(), letter.text());
    }

    @PostMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void circulate(
            @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody AgendaOrder order) {
        post.circulate(who, id, order.message(), order.withMatters(), order.to(), order.outside());
    }
}
