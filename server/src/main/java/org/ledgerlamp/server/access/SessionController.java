package org.ledgerlamp.server.access;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.common.Refusal;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Who is signed in, and the very first visit. Signing in and out themselves are Spring Security's. */
@RestController
class SessionController {
    private final AccessService access;

    SessionController(AccessService access) {
        this.access = access;
    }

    /** The state of the browser's session: without a member nobody is signed in. */
    record Session(@Nullable CurrentMember member, boolean setupNeeded) {}

    /** @param guest whether they see only what they were let into */
    record CurrentMember(UUID id, String name, String email, String team, boolean guest) {}

    record FirstMember(
            @NotBlank @Size(max = 120) String team,
            @NotBlank @Size(max = 120) String name,
            @NotBlank @Email @Size(max = 254) String email,
            @NotBlank @Size(min = 10, max = 72) String password) {}

    @GetMapping("/api/session")
    @Operation(summary = "Who is signed in")
    Session session(@AuthenticationPrincipal @Nullable SignedIn who) {
        if (who == null) {
            return new Session(null, access.isEmpty());
        }
        return new Session(
                new CurrentMember(
                        who.memberId(), who.name(), who.email(), access.teamName(who.teamId()), who.isGuest()),
                false);
    }

    /** Creates the team and its first member, once. */
    @PostMapping("/api/setup")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    void setup(@Valid @RequestBody FirstMember first) {
        if (!access.isEmpty()) {
            throw Refusal.conflict("There are members already: sign in.");
        }
        access.createMember(
                access.createTeam(first.team().strip()), first.name().strip(), first.email(), first.password());
    }
}
