package org.ledgerlamp.server.guests;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.Auditor;
import org.ledgerlamp.server.access.MemberCard;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.AuditKind;
import org.ledgerlamp.server.minutes.MinutesService;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Who can see what of a team, and letting somebody in, over HTTP. */
@RestController
class LettingInController {
    private final GuestService guests;
    private final AccessService access;
    private final MinutesService minutes;
    private final Auditor auditor;

    LettingInController(GuestService guests, AccessService access, MinutesService minutes, Auditor auditor) {
        this.auditor = auditor;
        this.guests = guests;
        this.access = access;
        this.minutes = minutes;
    }

    /**
     * What a guest was let into.
     *
     * @param folio one folio, or null where it is a series
     */
    record GrantView(
            UUID id, @Nullable Integer folio, @Nullable String series, boolean writes, String by, Instant at) {}

    /** @param joined whether they chose a password yet */
    record GuestView(UUID id, String name, String email, boolean joined, List<GrantView> grants) {}

    /** Who can see what: members see everything of the team, guests what they were let into. */
    record WhoSees(List<MemberCard> members, List<GuestView> guests) {}

    record LettingIn(
            @NotBlank @Size(max = 120) String name,
            @NotBlank @Email @Size(max = 254) String email,
            @Nullable Integer folio,
            @Nullable @Size(max = 160) String series,
            boolean writes) {}

    record Writing(boolean writes) {}

    @GetMapping("/api/access")
    @Transactional(readOnly = true)
    public WhoSees whoSees(@AuthenticationPrincipal SignedIn who) {
        Map<UUID, String> names = access.memberNames(who.teamId());
        Map<UUID, List<GrantView>> byGuest = guests.granted(who.teamId()).stream()
                .collect(Collectors.groupingBy(
                        Grant::guestId, Collectors.mapping(g -> view(who.teamId(), g, names), Collectors.toList())));
        return new WhoSees(
                access.members(who.teamId()),
                access.guests(who.teamId()).stream()
                        .filter(g -> byGuest.containsKey(g.id()))
                        .map(g -> new GuestView(g.id(), g.name(), g.email(), g.joined(), byGuest.get(g.id())))
                        .toList());
    }

    private GrantView view(UUID teamId, Grant g, Map<UUID, String> names) {
        return new GrantView(
                g.id(),
                g.minutesId() == null
                        ? null
                        : minutes.one(teamId, g.minutesId()).folio(),
                g.series(),
                g.isWriting(),
                names.getOrDefault(g.grantedBy(), "a former member"),
                g.grantedAt());
    }

    @PostMapping("/api/access")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    public void letIn(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody LettingIn in) {
        guests.letIn(who, in.name(), in.email(), in.folio(), in.series(), in.writes());
        auditor.note(
                who,
                AuditKind.ACCESS_GIVEN,
                in.name() + ", " + in.email() + ": " + (in.folio() == null ? in.series() : "folio " + in.folio()));
    }

    @PutMapping("/api/access/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void change(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody Writing writing) {
        guests.change(who.teamId(), id, writing.writes());
    }

    @DeleteMapping("/api/access/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void revoke(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        guests.revoke(who.teamId(), id);
        auditor.note(who, AuditKind.ACCESS_TAKEN_BACK, "");
    }
}
