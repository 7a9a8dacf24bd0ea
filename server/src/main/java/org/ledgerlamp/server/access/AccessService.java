package org.ledgerlamp.server.access;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.ledgerlamp.server.common.Refusal;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Creates teams and members, and knows them by address. */
@Service
public class AccessService implements UserDetailsService {
    private final Teams teams;
    private final Members members;
    private final Passwords passwords;

    AccessService(Teams teams, Members members, Passwords passwords) {
        this.teams = teams;
        this.members = members;
        this.passwords = passwords;
    }

    @Override
    @Transactional(readOnly = true)
    public UserDetails loadUserByUsername(String email) {
        return members.findByEmail(Member.normal(email))
                .filter(m -> m.hasPassword() && !m.isRemoved())
                .map(SignedIn::new)
                .orElseThrow(() -> new UsernameNotFoundException("no member of that address"));
    }

    /** Whether nobody can sign in yet. */
    @Transactional(readOnly = true)
    public boolean isEmpty() {
        return members.count() == 0;
    }

    /**
     * Creates a team.
     *
     * @return its id
     */
    @Transactional
    public UUID createTeam(String name) {
        return teams.save(new Team(name)).id();
    }

    /**
     * Creates a member; the password is kept as a bcrypt hash alone. The first one of a team administers it.
     *
     * @throws Refusal where the address is taken, or the password is easily guessed
     */
    @Transactional
    public SignedIn createMember(UUID teamId, String name, String email, String password) {
        if (members.findByEmail(Member.normal(email)).isPresent()) {
            throw Refusal.conflict("There is a member of that address already.");
        }
        String hash = passwords.chosen(password, List.of(name, email, teamName(teamId)));
        boolean first = members.findByTeamId(teamId).isEmpty();
        Member member = new Member(teamId, name, email, hash);
        member.take(first ? Role.ADMINISTERS : Role.TAKES_PART);
        return new SignedIn(members.saveAndFlush(member));
    }

    /** The team's name. */
    @Transactional(readOnly = true)
    public String teamName(UUID teamId) {
        return teams.findById(teamId).orElseThrow().name();
    }

    /**
     * Somebody who was let in.
     *
     * @param joined whether they chose a password yet
     */
    public record GuestCard(UUID id, String name, String email, boolean joined) {}

    /** The team's guests. */
    @Transactional(readOnly = true)
    public List<GuestCard> guests(UUID teamId) {
        return members.findByTeamId(teamId).stream()
                .filter(m -> m.isGuest() && !m.isRemoved())
                .map(AccessService::card)
                .toList();
    }

    private static GuestCard card(Member m) {
        return new GuestCard(m.id(), m.name(), m.email(), m.hasPassword());
    }

    /**
     * The team's guest of an address, who is made where there is none.
     *
     * @throws Refusal where the address is a member's, or another team's
     */
    @Transactional
    public GuestCard guest(UUID teamId, String name, String email) {
        Member known = members.findByEmail(Member.normal(email)).orElse(null);
        if (known == null) {
            return card(members.saveAndFlush(Member.guest(teamId, name, email)));
        }
        if (!known.teamId().equals(teamId)) {
            throw Refusal.conflict(
                    email.strip() + " has an account in another team here. Show them an excerpt instead.");
        }
        if (known.isRemoved()) {
            known.comeIn(name, true, Role.TAKES_PART);
        }
        if (!known.isGuest()) {
            throw Refusal.conflict(known.name() + " is a member of the team, and sees everything already.");
        }
        return card(known);
    }

    /** The team's members. */
    @Transactional(readOnly = true)
    public List<MemberCard> members(UUID teamId) {
        return members.findByTeamIdAndGuestFalseAndRemovedAtIsNull(teamId).stream()
                .map(AccessService::memberCard)
                .toList();
    }

    /**
     * A member of the team, as if signed in: for work in the background that goes on in their name. Nobody where they were
     * removed since.
     */
    @Transactional(readOnly = true)
    public Optional<SignedIn> inNameOf(UUID teamId, UUID memberId) {
        return members.findById(memberId)
                .filter(m -> m.teamId().equals(teamId) && !m.isRemoved())
                .map(SignedIn::new);
    }

    /** Whoever is signed in, as they stand now; nobody where they were removed or signed out everywhere since. */
    @Transactional(readOnly = true)
    Optional<SignedIn> asTheyStand(SignedIn who) {
        return inNameOf(who.teamId(), who.memberId()).filter(who::isStillGood);
    }

    /** The members who administer the team. */
    @Transactional(readOnly = true)
    public List<MemberCard> administrators(UUID teamId) {
        return members.findByTeamIdAndGuestFalseAndRemovedAtIsNull(teamId).stream()
                .filter(m -> m.role() == Role.ADMINISTERS)
                .map(AccessService::memberCard)
                .toList();
    }

    private static MemberCard memberCard(Member m) {
        return new MemberCard(m.id(), m.name(), m.email());
    }

    /** A member of the team; empty where there is none of that id. */
    @Transactional(readOnly = true)
    public Optional<MemberCard> member(UUID teamId, UUID id) {
        return members(teamId).stream().filter(m -> m.id().equals(id)).findFirst();
    }

    /** The names of the team's members and guests, by id. */
    @Transactional(readOnly = true)
    public Map<UUID, String> memberNames(UUID teamId) {
        return members.findByTeamId(teamId).stream().collect(Collectors.toMap(Member::id, Member::name));
    }

    /** The team's next folio number, taken for good when the caller's transaction commits. */
    @Transactional(propagation = Propagation.MANDATORY)
    public int takeFolioNumber(UUID teamId) {
        return teams.lock(teamId).orElseThrow().takeFolioNumber();
    }

    /**
     * Gives a folio number back.
     *
     * @return whether it was the team's last and is free again
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public boolean giveBackFolioNumber(UUID teamId, int number) {
        return teams.lock(teamId).orElseThrow().giveBackFolioNumber(number);
    }
}
