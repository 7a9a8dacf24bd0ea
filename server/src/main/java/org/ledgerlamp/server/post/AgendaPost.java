package org.ledgerlamp.server.post;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.AgendaLetter;
import org.ledgerlamp.core.exchange.Letter;
import org.ledgerlamp.core.time.WrittenDay;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.meetings.Meeting;
import org.ledgerlamp.server.meetings.MeetingService;
import org.ledgerlamp.server.minutes.Matter;
import org.ledgerlamp.server.minutes.MatterService;
import org.ledgerlamp.server.roster.RosterService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sends a meeting's agenda to those invited. */
@Service
@Transactional
class AgendaPost {
    private final MeetingService meetings;
    private final MatterService matters;
    private final RosterService roster;
    private final PostRoom room;
    private final TeamDomains domains;

    AgendaPost(
            MeetingService meetings, MatterService matters, RosterService roster, PostRoom room, TeamDomains domains) {
        this.domains = domains;
        this.meetings = meetings;
        this.matters = matters;
        this.roster = roster;
        this.room = room;
    }

    /**
     * Those invited to a meeting.
     *
     * @param to whom a letter reaches, but for whoever would send it
     * @param without the names of those whose address is not known
     * @param domains the team's own
     */
    record Reach(List<Recipient> to, List<String> without, List<String> domains) {}

    @Transactional(readOnly = true)
    public Reach invited(SignedIn who, UUID meetingId) {
        Meeting meeting = meetings.one(who.teamId(), meetingId);
        List<Recipient> to = new ArrayList<>();
        List<String> without = new ArrayList<>();
        meeting.invited().forEach(p -> sort(p.name(), p.email(), who, to, without));
        meeting.guests().forEach(g -> sort(g.name(), g.email(), who, to, without));
        return new Reach(to, without, domains.of(who.teamId()));
    }

    private static void sort(
            String name, @Nullable String email, SignedIn who, List<Recipient> to, List<String> without) {
        if (email == null || email.isBlank()) {
            without.add(name);
        } else if (!email.equalsIgnoreCase(who.email()) && to.stream().noneMatch(r -> r.isSame(email))) {
            to.add(new Recipient(name, email));
        }
    }

    @Transactional(readOnly = true)
    public Letter letter(UUID teamId, UUID meetingId, @Nullable String message, boolean withMatters) {
        Meeting meeting = meetings.one(teamId, meetingId);
        return AgendaLetter.of(
                meeting.facts(List.of()), meeting.link(), message, withMatters ? open(meeting) : List.of());
    }

    private List<String> open(Meeting meeting) {
        Map<UUID, String> names = roster.names(meeting.teamId());
        return matters.of(meeting).stream()
                .filter(Matter::open)
                .map(m -> sentence(m, names))
                .toList();
    }

    private static String sentence(Matter matter, Map<UUID, String> names) {
        List<String> known = new ArrayList<>();
        String owner = names.get(matter.ownerId());
        if (owner != null && !matter.text().contains(owner)) {
            known.add(owner);
        }
        if (matter.due() != null) {
            known.add("due " + WrittenDay.of(matter.due()));
        }
        return matter.text() + (known.isEmpty() ? "" : " (" + String.join(", ", known) + ")");
    }

    /**
     * Puts the agenda out.
     *
     * @param outside whether it is meant to leave the team's own domains
     * @throws Refusal where nobody is left to whom it would go, or it would leave them without being meant to
     */
    void circulate(
            SignedIn who,
            UUID meetingId,
            @Nullable String message,
            boolean withMatters,
            List<Recipient> to,
            boolean outside) {
        List<Recipient> others = to.stream().filter(r -> !r.isSame(who.email())).toList();
        if (others.isEmpty()) {
            throw Refusal.invalid("Nobody is left to whom it would go: whoever sends an agenda gets none.");
        }
        domains.refuseOutside(who.teamId(), others, outside);
        Letter letter = letter(who.teamId(), meetingId, message, withMatters);
        room.putOut(Dispatch.of(who.teamId(), LetterKind.AGENDA, meetingId, who.memberId()), others, letter);
    }
}
