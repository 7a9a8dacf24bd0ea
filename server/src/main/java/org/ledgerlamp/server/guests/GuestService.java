package org.ledgerlamp.server.guests;

import java.time.Clock;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.LetterBuilder;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.AccessService.GuestCard;
import org.ledgerlamp.server.access.MembershipService;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.OwnAddress;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.minutes.Minutes;
import org.ledgerlamp.server.minutes.MinutesService;
import org.ledgerlamp.server.post.Dispatch;
import org.ledgerlamp.server.post.LetterKind;
import org.ledgerlamp.server.post.PostRoom;
import org.ledgerlamp.server.post.PrivateAddress;
import org.ledgerlamp.server.post.Recipient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lets guests in, and says what a guest may see. */
@Service
@Transactional
class GuestService {
    private final Grants grants;
    private final MembershipService membership;
    private final AccessService access;
    private final MinutesService minutes;
    private final PostRoom room;
    private final OwnAddress address;
    private final Clock clock;

    GuestService(
            Grants grants,
            MembershipService membership,
            AccessService access,
            MinutesService minutes,
            PostRoom room,
            OwnAddress address,
            Clock clock) {
        this.grants = grants;
        this.membership = membership;
        this.access = access;
        this.minutes = minutes;
        this.room = room;
        this.address = address;
        this.clock = clock;
    }

    /**
     * Lets somebody in, and writes to them.
     *
     * @param folioNumber one folio, or null where it is a series
     * @param series all folios of it, or null where it is one folio
     * @throws Refusal where neither or both is said, the team has no such folio or series, or the address is a member's
     */
    Grant letIn(
            SignedIn who,
            String name,
            String email,
            @Nullable Integer folioNumber,
            @Nullable String series,
            boolean writes) {
        if ((folioNumber == null) == (series == null)) {
            throw Refusal.invalid("Somebody is let into one folio, or into one series.");
        }
        Minutes folio = folioNumber == null ? null : minutes.folio(who.teamId(), folioNumber);
        if (series != null && minutes.foliosOfSeries(who.teamId(), series).isEmpty()) {
            throw Refusal.notFound("series");
        }
        GuestCard guest = access.guest(who.teamId(), name.strip(), email);
        grants.findByTeamIdAndGuestIdAndRevokedAtIsNullOrderByGrantedAt(who.teamId(), guest.id()).stream()
                .filter(g ->
                        folio == null ? series.equals(g.series()) : folio.id().equals(g.minutesId()))
                .forEach(g -> g.revoke(clock.instant()));
        Grant grant = grants.saveAndFlush(new Grant(who, guest.id(), folio, series, writes, clock.instant()));
        write(who, guest, folio == null ? "the series " + series : "folio " + folio.folio());
        return grant;
    }

    private void write(SignedIn who, GuestCard guest, String what) {
        LetterBuilder letter = new LetterBuilder()
                .paragraph(who.name() + " of " + access.teamName(who.teamId()) + " lets you into " + what
                        + " of their minutes.");
        Dispatch dispatch = Dispatch.of(who.teamId(), LetterKind.LET_IN, null, who.memberId());
        Recipient to = new Recipient(guest.name(), guest.email());
        String subject = "You are let into minutes of " + access.teamName(who.teamId());
        if (guest.joined()) {
            letter.paragraph("Sign in with the password you chose:").link(address.of("/let-in"));
            room.putOut(dispatch, List.of(to), letter.titled(subject));
        } else {
            String key = membership.keyFor(guest.id());
            letter.paragraph("Choose a password first; the address is good for two weeks:")
                    .link(PrivateAddress.HERE);
            room.putOutPrivately(dispatch, to, letter.titled(subject), address.toChoosePassword(key));
        }
    }

    /** What is granted to the team's guests, in order of granting. */
    @Transactional(readOnly = true)
    List<Grant> granted(UUID teamId) {
        return grants.findByTeamIdAndRevokedAtIsNullOrderByGrantedAt(teamId);
    }

    Grant change(UUID teamId, UUID id, boolean writes) {
        Grant grant = one(teamId, id);
        grant.setWrites(writes);
        return grant;
    }

    /** From now on the guest is not let in any more. */
    void revoke(UUID teamId, UUID id) {
        one(teamId, id).revoke(clock.instant());
    }

    private Grant one(UUID teamId, UUID id) {
        return grants.findByIdAndTeamIdAndRevokedAtIsNull(id, teamId).orElseThrow(() -> Refusal.notFound("grant"));
    }

    /** The folios a guest may read, latest meeting first, each with whether they may write. */
    @Transactional(readOnly = true)
    Map<Minutes, Boolean> folios(SignedIn guest) {
        List<Grant> own = of(guest);
        Map<Minutes, Boolean> folios = new LinkedHashMap<>();
        own.stream()
                .flatMap(g -> g.series() == null
                        ? Stream.of(minutes.one(guest.teamId(), g.minutesId())).filter(Minutes::isFiled)
                        : minutes.foliosOfSeries(guest.teamId(), g.series()).stream())
                .distinct()
                .sorted(Comparator.comparing((Minutes m) -> m.meeting().date()).reversed())
                .forEach(m -> folios.put(m, own.stream().anyMatch(g -> g.opens(m) && g.isWriting())));
        return folios;
    }

    private List<Grant> of(SignedIn guest) {
        return grants.findByTeamIdAndGuestIdAndRevokedAtIsNullOrderByGrantedAt(guest.teamId(), guest.memberId());
    }

    /** @throws Refusal 404 where the guest was not let into a folio of that number: whether there is one is not told */
    @Transactional(readOnly = true)
    Minutes toRead(SignedIn guest, int folioNumber) {
        Minutes folio = minutes.folio(guest.teamId(), folioNumber);
        if (of(guest).stream().noneMatch(g -> g.opens(folio))) {
            throw Refusal.notFound("folio");
        }
        return folio;
    }

    /** @throws Refusal where the guest may not read it, or only that */
    @Transactional(readOnly = true)
    Minutes toWrite(SignedIn guest, int folioNumber) {
        Minutes folio = toRead(guest, folioNumber);
        if (!mayWrite(guest, folio)) {
            throw Refusal.conflict("You were let in to read folio " + folio.folio() + ", not to write.");
        }
        return folio;
    }

    @Transactional(readOnly = true)
    boolean mayWrite(SignedIn guest, Minutes folio) {
        return of(guest).stream().anyMatch(g -> g.opens(folio) && g.isWriting());
    }
}
