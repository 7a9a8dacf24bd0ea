package org.ledgerlamp.server.access;

import java.time.Clock;
import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.ledgerlamp.server.common.Keys;
import org.ledgerlamp.server.common.Refusal;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who belongs to a team and with which role; how they come in, get another password, and leave. */
@Service
@Transactional
public class MembershipService {
    private static final Duration INVITED_FOR = Duration.ofDays(14);
    private static final Duration FORGOTTEN_FOR = Duration.ofHours(2);

    private final Members members;
    private final PasswordLinks links;
    private final Passwords passwords;
    private final Sessions sessions;
    private final SecondFactor factor;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    MembershipService(
            Members members,
            PasswordLinks links,
            Passwords passwords,
            Sessions sessions,
            SecondFactor factor,
            ApplicationEventPublisher events,
            Clock clock) {
        this.members = members;
        this.links = links;
        this.passwords = passwords;
        this.sessions = sessions;
        this.factor = factor;
        this.events = events;
        this.clock = clock;
    }

    /**
     * A member as others of the team see them.
     *
     * @param joined whether they chose a password yet
     * @param secondFactor whether they sign in with a code besides
     */
    public record MemberView(UUID id, String name, String email, Role role, boolean joined, boolean secondFactor) {}

    private MemberView view(Member m) {
        return view(m, factor.isOn(m.id()));
    }

    private static MemberView view(Member m, boolean secondFactor) {
        return new MemberView(m.id(), m.name(), m.email(), m.role(), m.hasPassword(), secondFactor);
    }

    /** Somebody of a team, and the key by which they choose a password; it is told this once. */
    public record Keyed(UUID teamId, MemberView member, String key) {}

    /** The team's members, by name. */
    @Transactional(readOnly = true)
    public List<MemberView> all(UUID teamId) {
        Set<UUID> withFactor = factor.of(teamId);
        return present(teamId)
                .sorted(Comparator.comparing(Member::name, String.CASE_INSENSITIVE_ORDER))
                .map(m -> view(m, withFactor.contains(m.id())))
                .toList();
    }

    private Stream<Member> present(UUID teamId) {
        return members.findByTeamIdAndGuestFalseAndRemovedAtIsNull(teamId).stream();
    }

    private Member one(UUID teamId, UUID id) {
        return present(teamId).filter(m -> m.id().equals(id)).findFirst().orElseThrow(() -> Refusal.notFound("member"));
    }

    /**
     * Invites somebody, or lets a guest or somebody who left come in as a member.
     *
     * @throws Refusal where the address is a member's already, or another team's
     */
    public Keyed invite(UUID teamId, String name, String email, Role role) {
        Member known = members.findByEmail(Member.normal(email)).orElse(null);
        if (known == null) {
            Member invited = Member.invited(teamId, name.strip(), email, role);
            return keyed(members.saveAndFlush(invited), INVITED_FOR);
        }
        if (!known.teamId().equals(teamId)) {
            throw Refusal.conflict(email.strip() + " has an account in another team here.");
        }
        if (!known.isGuest() && !known.isRemoved() && known.hasPassword()) {
            throw Refusal.conflict(known.name() + " is a member already.");
        }
        known.comeIn(name.strip(), false, role);
        return keyed(known, INVITED_FOR);
    }

    /** A key by which a member or guest chooses a password; one given before is good no more. */
    public String keyFor(UUID memberId) {
        return key(memberId, INVITED_FOR);
    }

    /** The same for a member who forgot theirs, on an administrator's word; it is good for two hours. */
    public Keyed keyForMember(UUID teamId, UUID id) {
        return keyed(one(teamId, id), FORGOTTEN_FOR);
    }

    /** The same for whoever says that they forgot theirs; nobody where there is no such member or guest. */
    public Optional<Keyed> keyForgotten(String email) {
        return members.findByEmail(Member.normal(email))
                .filter(m -> m.hasPassword() && !m.isRemoved())
                .map(m -> keyed(m, FORGOTTEN_FOR));
    }

    private Keyed keyed(Member member, Duration goodFor) {
        return new Keyed(member.teamId(), view(member), key(member.id(), goodFor));
    }

    private String key(UUID memberId, Duration goodFor) {
        String key = Keys.made();
        links.save(new PasswordLink(memberId, Keys.digest(key), clock.instant().plus(goodFor)));
        return key;
    }

    /**
     * Gives somebody the password they chose, once, and ends the sessions they had.
     *
     * @return their mail address, to sign in with
     * @throws Refusal 404 where the key is none, ran out or was used; 400 where the password is easily guessed
     */
    public String choosePassword(String key, String password) {
        PasswordLink link = links.findByDigest(Keys.digest(key))
                .filter(l -> l.isOpen(clock.instant()))
                .orElseThrow(() -> Refusal.notFound("invitation"));
        Member member = members.findById(link.memberId())
                .filter(m -> !m.isRemoved())
                .orElseThrow(() -> Refusal.notFound("invitation"));
        member.choosePassword(passwords.chosen(password, List.of(member.name(), member.email())));
        links.delete(link);
        sessions.endAll(member.email(), null);
        return member.email();
    }

    /**
     * Changes a member's own password; their other browsers are signed out.
     *
     * @throws Refusal where the present one is not right, or the new one is easily guessed
     */
    public SignedIn changePassword(SignedIn who, String present, String next) {
        Member member = members.findById(who.memberId()).orElseThrow();
        if (!passwords.matches(present, member.passwordHash())) {
            throw Refusal.invalid("That is not your present password.");
        }
        member.choosePassword(passwords.chosen(next, List.of(member.name(), member.email())));
        return new SignedIn(members.saveAndFlush(member));
    }

    /** Signs somebody out of every browser. */
    public void signOutEverywhere(SignedIn who) {
        members.findById(who.memberId()).orElseThrow().endSessions();
        sessions.endAll(who.getUsername(), null);
    }

    /**
     * Lets a member who lost their authenticator in with the password alone.
     *
     * @return their name
     */
    public String turnFactorOff(UUID teamId, UUID id) {
        Member member = one(teamId, id);
        factor.turnOff(member.id());
        return member.name();
    }

    /** @throws Refusal where nobody would administer the team any more */
    public MemberView changeRole(UUID teamId, UUID id, Role role) {
        Member member = one(teamId, id);
        if (role != Role.ADMINISTERS) {
            requireAnotherAdministrator(member);
        }
        member.take(role);
        return view(member);
    }

    /**
     * Takes somebody out of the team: sessions, tokens and keys end at once.
     *
     * @throws Refusal where nobody would administer the team any more
     */
    public void remove(UUID teamId, UUID id) {
        Member member = one(teamId, id);
        requireAnotherAdministrator(member);
        member.remove(clock.instant());
        factor.turnOff(id);
        links.findById(id).ifPresent(links::delete);
        sessions.endAll(member.email(), null);
        events.publishEvent(new MemberRemoved(teamId, id));
    }

    private void requireAnotherAdministrator(Member member) {
        boolean last =
                present(member.teamId()).noneMatch(m -> !m.id().equals(member.id()) && m.role() == Role.ADMINISTERS);
        if (last) {
            throw Refusal.conflict(member.name() + " is the only one who administers the team. Make somebody else an"
                    + " administrator first.");
        }
    }
}
