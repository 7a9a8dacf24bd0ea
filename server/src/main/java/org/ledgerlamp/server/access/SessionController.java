package org.ledgerlamp.server.access;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.Sessions.OpenSession;
import org.ledgerlamp.server.common.AuditKind;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Who is signed in and with which browsers, and the very first visit. Signing in and out are Spring Security's. */
@RestController
class SessionController {
    private static final Duration WINDOW = Duration.ofMinutes(5);
    private static final int MOST_TRIES = 20;

    private final AccessService access;
    private final MembershipService membership;
    private final Sessions sessions;
    private final FirstVisit firstVisit;
    private final Tries tries;
    private final SecurityContextRepository contexts = new HttpSessionSecurityContextRepository();
    private final Auditor auditor;

    SessionController(
            AccessService access,
            MembershipService membership,
            Sessions sessions,
            FirstVisit firstVisit,
            Tries tries,
            Auditor auditor) {
        this.auditor = auditor;
        this.access = access;
        this.membership = membership;
        this.sessions = sessions;
        this.firstVisit = firstVisit;
        this.tries = tries;
    }

    /** The state of the browser's session: without a member nobody is signed in. */
    record Session(@Nullable CurrentMember member, boolean setupNeeded) {}

    /** @param guest whether they see only what they were let into */
    record CurrentMember(UUID id, String name, String email, String team, Role role, boolean guest) {}

    /** @param code as it was printed when the application started */
    record FirstMember(
            @NotBlank @Size(max = 40) String code,
            @NotBlank @Size(max = 120) String team,
            @NotBlank @Size(max = 120) String name,
            @NotBlank @Email @Size(max = 254) String email,
            @NotBlank @Size(max = Passwords.LONGEST) String password) {}

    record NewPassword(
            @NotBlank @Size(max = Passwords.LONGEST) String present,
            @NotBlank @Size(max = Passwords.LONGEST) String next) {}

    @GetMapping("/api/session")
    @Operation(summary = "Who is signed in")
    Session session(@AuthenticationPrincipal @Nullable SignedIn who) {
        if (who == null) {
            return new Session(null, !firstVisit.isOver());
        }
        return new Session(
                new CurrentMember(
                        who.memberId(),
                        who.name(),
                        who.email(),
                        access.teamName(who.teamId()),
                        who.role(),
                        who.isGuest()),
                false);
    }

    /** Creates the team and its first member, once, for whoever knows the code that was printed at the start. */
    @PostMapping("/api/setup")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void setup(HttpServletRequest request, @Valid @RequestBody FirstMember first) {
        tries.limit("first visit from " + SignInGuard.network(request), WINDOW, MOST_TRIES);
        firstVisit.begin(first.code(), first.team(), first.name(), first.email(), first.password());
    }

    /** The browsers one is signed in with. */
    @GetMapping("/api/session/open")
    List<OpenSession> open(@AuthenticationPrincipal SignedIn who, HttpServletRequest request) {
        return sessions.of(who, id(request));
    }

    /** Signs one of them out. */
    @DeleteMapping("/api/session/open/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void end(@AuthenticationPrincipal SignedIn who, @PathVariable String id) {
        sessions.end(who, id);
    }

    /** Signs all of them out, this one too. */
    @DeleteMapping("/api/session/open")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void endAll(@AuthenticationPrincipal SignedIn who) {
        membership.signOutEverywhere(who);
    }

    /** Changes one's own password; all other browsers are signed out. */
    @PostMapping("/api/session/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void changePassword(
            @AuthenticationPrincipal SignedIn who,
            HttpServletRequest request,
            HttpServletResponse response,
            @Valid @RequestBody NewPassword password) {
        tries.limit("password of " + who.memberId(), WINDOW, MOST_TRIES);
        SignedIn anew = membership.changePassword(who, password.present(), password.next());
        anew.eraseCredentials();
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(anew, null, anew.getAuthorities()));
        contexts.saveContext(context, request, response);
        sessions.endAll(anew.getUsername(), id(request));
        tries.forget("password of " + who.memberId());
        auditor.note(who, AuditKind.PASSWORD_CHANGED, "their own");
    }

    private static @Nullable String id(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        return session == null ? null : session.getId();
    }
}
