package org.ledgerlamp.server.members;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import org.ledgerlamp.server.access.ForgottenGuard;
import org.ledgerlamp.server.access.MembershipService;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/**
 * Where members and guests choose a password by a link that was sent to them, and ask for one when they forgot theirs. Nobody
 * is signed in here.
 */
@RestController
class PasswordController {
    private final MembershipService membership;
    private final MemberLetters letters;
    private final ForgottenGuard guard;

    PasswordController(MembershipService membership, MemberLetters letters, ForgottenGuard guard) {
        this.membership = membership;
        this.letters = letters;
        this.guard = guard;
    }

    record ChosenPassword(@NotBlank @Size(max = 500) String password) {}

    /** @param email to sign in with */
    record Welcomed(String email) {}

    record ForgottenPassword(@NotBlank @Email @Size(max = 254) String email) {}

    /** The key in the address stands for somebody; it is good once. */
    @PostMapping("/api/welcome/{key}")
    Welcomed choose(@PathVariable String key, @Valid @RequestBody ChosenPassword chosen) {
        return new Welcomed(membership.choosePassword(key, chosen.password()));
    }

    /** Sends a link to whoever has an account of that address. Whether anybody has is not told. */
    @PostMapping("/api/forgotten")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forgotten(@Valid @RequestBody ForgottenPassword who) {
        if (guard.letsThrough(who.email())) {
            membership.keyForgotten(who.email()).ifPresent(letters::forgotten);
        }
    }
}
