package org.ledgerlamp.server.members;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.Auditor;
import org.ledgerlamp.server.access.MembershipService;
import org.ledgerlamp.server.access.MembershipService.Keyed;
import org.ledgerlamp.server.access.MembershipService.MemberView;
import org.ledgerlamp.server.access.Role;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.AuditKind;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The members of one's team over HTTP. */
@RestController
@RequestMapping("/api/members")
class MembersController {
    private final MembershipService membership;
    private final MemberLetters letters;
    private final Leaving leaving;
    private final Auditor auditor;

    MembersController(MembershipService membership, MemberLetters letters, Leaving leaving, Auditor auditor) {
        this.auditor = auditor;
        this.membership = membership;
        this.letters = letters;
        this.leaving = leaving;
    }

    /** @param byMail whether a letter goes to them; otherwise the link is handed over by whoever invites */
    record MemberInvitation(
            @NotBlank @Size(max = 120) String name,
            @NotBlank @Email @Size(max = 254) String email,
            @NotNull Role role,
            boolean byMail) {}

    record RoleChange(@NotNull Role role) {}

    /** @param link where they choose a password; null where it went to them by mail */
    record InvitedMember(MemberView member, @Nullable String link) {}

    record OpenWork(int actions) {}

    @GetMapping
    List<MemberView> all(@AuthenticationPrincipal SignedIn who) {
        return membership.all(who.teamId());
    }

    /** Invites a member, or anew one who did not come in yet. */
    @PostMapping
    @Transactional
    public InvitedMember invite(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody MemberInvitation in) {
        Keyed invited = membership.invite(who.teamId(), in.name(), in.email(), in.role());
        auditor.note(
                who,
                AuditKind.MEMBER_INVITED,
                in.name() + ", " + in.email() + ", " + in.role().inWords());
        if (in.byMail()) {
            letters.invite(who, invited);
        }
        return new InvitedMember(invited.member(), in.byMail() ? null : letters.addressOf(invited.key()));
    }

    @PutMapping("/{id}")
    MemberView changeRole(
            @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody RoleChange change) {
        MemberView changed = membership.changeRole(who.teamId(), id, change.role());
        auditor.note(
                who,
                AuditKind.ROLE_CHANGED,
                changed.name() + " " + change.role().inWords());
        return changed;
    }

    /** A link for a member who forgot their password, to hand over; it is valid for two hours. */
    @PostMapping("/{id}/link")
    InvitedMember link(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        Keyed keyed = membership.keyForMember(who.teamId(), id);
        auditor.note(who, AuditKind.PASSWORD_LINK_MADE, "for " + keyed.member().name());
        return new InvitedMember(keyed.member(), letters.addressOf(keyed.key()));
    }

    /** Lets a member who lost their authenticator sign in without it. */
    @DeleteMapping("/{id}/factor")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void turnFactorOff(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        auditor.note(who, AuditKind.SECOND_FACTOR_OFF, "of " + membership.turnFactorOff(who.teamId(), id));
    }

    /** What a member would leave behind. */
    @GetMapping("/{id}/open")
    OpenWork open(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return new OpenWork(leaving.openActions(who.teamId(), id));
    }

    /** @param handTo who of the roster gets their open actions; without it these stay as they are */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @RequestParam(required = false) @Nullable UUID handTo) {
        leaving.remove(who, id, handTo);
    }
}
