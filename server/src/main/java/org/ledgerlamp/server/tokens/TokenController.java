package org.ledgerlamp.server.tokens;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.Auditor;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.AuditKind;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** One's own access tokens over HTTP. No token can make or revoke another. */
@RestController
@RequestMapping("/api/tokens")
class TokenController {
    private final TokenService tokens;
    private final Auditor auditor;

    TokenController(TokenService tokens, Auditor auditor) {
        this.auditor = auditor;
        this.tokens = tokens;
    }

    /**
     * What a token is to be good for.
     *
     * @param lastDay the last day it is good on, or null for until it is revoked
     */
    record TokenWish(
            @NotBlank @Size(max = 120) String name, @NotEmpty Set<TokenUse> uses, @Nullable LocalDate lastDay) {}

    /**
     * A token.
     *
     * @param usedAt when it was used last, to the minute, or null where it never was
     */
    record TokenView(
            UUID id,
            String name,
            Set<TokenUse> uses,
            Instant madeAt,
            @Nullable LocalDate lastDay,
            @Nullable Instant usedAt) {
        static TokenView of(AccessToken t) {
            return new TokenView(t.id(), t.name(), t.uses(), t.madeAt(), t.lastDay(), t.usedAt());
        }
    }

    /** A token just made, and its words, which are told this once. */
    record FreshToken(TokenView token, String words) {}

    @GetMapping
    List<TokenView> own(@AuthenticationPrincipal SignedIn who) {
        return tokens.of(who).stream().map(TokenView::of).toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    FreshToken make(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody TokenWish wish) {
        TokenService.Made made = tokens.make(who, wish.name(), wish.uses(), wish.lastDay());
        auditor.note(who, AuditKind.TOKEN_MADE, wish.name());
        return new FreshToken(TokenView.of(made.token()), made.words());
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void revoke(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        tokens.revoke(who, id);
        auditor.note(who, AuditKind.TOKEN_REVOKED, "");
    }
}
