package org.ledgerlamp.server.minutes;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.ledgerlamp.core.reading.Deferral;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.acts.Act;
import org.ledgerlamp.server.acts.ActService;
import org.ledgerlamp.server.acts.Course;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.live.Changed;
import org.ledgerlamp.server.meetings.Meeting;
import org.ledgerlamp.server.meetings.MeetingService;
import org.ledgerlamp.server.roster.RosterService;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Matters arising: what earlier meetings of a series left open, and what was pulled in from others. Open actions,
 * unanswered questions and decisions that put something off.
 */
@Service
@Transactional
public class MatterService {
    private static final int MOST_OFFERED = 30;
    private static final int MOST_LOOKED_AT = 2000;
    private static final Comparator<MinutesLine> BY_NUMBER =
            Comparator.comparing(MinutesLine::folio).thenComparing(MinutesLine::number);

    private final Lines lines;
    private final PulledMatters pulled;
    private final MeetingService meetings;
    private final ActService acts;
    private final RosterService roster;
    private final ApplicationEventPublisher events;

    MatterService(
            Lines lines,
            PulledMatters pulled,
            MeetingService meetings,
            ActService acts,
            RosterService roster,
            ApplicationEventPublisher events) {
        this.lines = lines;
        this.pulled = pulled;
        this.meetings = meetings;
        this.acts = acts;
        this.roster = roster;
        this.events = events;
    }

    /** The matters of a meeting as they are known in it: what it closes stays listed, what was closed before does not. */
    @Transactional(readOnly = true)
    public List<Matter> of(Meeting meeting) {
        Set<UUID> pulledIn = pulledInto(meeting);
        List<MinutesLine> all = new ArrayList<>(lines.findAllById(pulledIn));
        if (meeting.series() != null) {
            lines.ofSeriesBefore(meeting.teamId(), meeting.series(), meeting.date(), meeting.id()).stream()
                    .filter(l -> !pulledIn.contains(l.id()))
                    .filter(l -> l.kind() != LineKind.DECISION || Deferral.isSaidIn(l.text()))
                    .forEach(all::add);
        }
        Map<UUID, Course> courses = courses(meeting.teamId(), all);
        List<Matter> matters = new ArrayList<>();
        for (MinutesLine line : all.stream().sorted(BY_NUMBER).toList()) {
            Course known = courses.getOrDefault(line.id(), Course.NONE).asKnownIn(meeting.id(), meeting.date());
            if (known.isOpen() || known.isTouchedIn(meeting.id())) {
                matters.add(Matter.of(line, known, meeting.id(), pulledIn.contains(line.id())));
            }
        }
        return matters;
    }

    /** Open actions of the team that are no matter of the meeting yet, latest first, with all of {@code words} in them. */
    @Transactional(readOnly = true)
    public List<Matter> elsewhere(UUID teamId, UUID meetingId, String words) {
        Meeting meeting = meetings.one(teamId, meetingId);
        Set<UUID> here = of(meeting).stream().map(Matter::lineId).collect(Collectors.toSet());
        List<String> wanted = words.toLowerCase(Locale.ROOT)
                .lines()
                .flatMap(l -> List.of(l.strip().split("\\s+")).stream())
                .toList();
        List<MinutesLine> all = lines.actionsOfRecord(teamId, Limit.of(MOST_LOOKED_AT)).stream()
                .filter(l -> !here.contains(l.id()))
                .filter(l -> wanted.stream()
                        .allMatch(w -> l.text().toLowerCase(Locale.ROOT).contains(w)))
                .toList();
        Map<UUID, Course> courses = courses(teamId, all);
        return all.stream()
                .map(l -> Matter.of(l, courses.getOrDefault(l.id(), Course.NONE), null, false))
                .filter(Matter::open)
                .limit(MOST_OFFERED)
                .toList();
    }

    /** Brings a line of record into a meeting. */
    public void pull(UUID teamId, UUID meetingId, UUID lineId) {
        pulled.save(new PulledMatter(new PulledMatter.Key(
                meetings.one(teamId, meetingId).id(), ofRecord(teamId, lineId).id())));
        tell(meetingId);
    }

    /** Lets go of a line that was brought in. */
    public void letGo(UUID teamId, UUID meetingId, UUID lineId) {
        pulled.deleteById(new PulledMatter.Key(meetings.one(teamId, meetingId).id(), lineId));
        tell(meetingId);
    }

    /** Does something about a line of record. */
    public Matter act(SignedIn who, UUID lineId, ActService.Deed deed) {
        MinutesLine line = ofRecord(who.teamId(), lineId);
        if (deed.ownerId() != null) {
            roster.named(who.teamId(), List.of(deed.ownerId()));
        }
        acts.act(who, line.id(), deed);
        events.publishEvent(FolioChanged.standing(line));
        if (deed.meetingId() != null) {
            tell(deed.meetingId());
        }
        return Matter.of(line, acts.course(who.teamId(), lineId), deed.meetingId(), false);
    }

    /** Does the same about several lines of record: about all of them, or none. */
    public List<Matter> actOnAll(SignedIn who, List<UUID> lineIds, ActService.Deed deed) {
        return lineIds.stream().distinct().map(id -> act(who, id, deed)).toList();
    }

    /** Takes back what was done. */
    public void takeBack(UUID teamId, UUID actId) {
        Act act = acts.takeBack(teamId, actId);
        lines.findByIdAndTeamId(act.lineId(), teamId)
                .ifPresent(line -> events.publishEvent(FolioChanged.standing(line)));
        if (act.meetingId() != null) {
            tell(act.meetingId());
        }
    }

    /** Takes back several acts: all of them, or none. */
    public void takeAllBack(UUID teamId, List<UUID> actIds) {
        actIds.stream().distinct().forEach(id -> takeBack(teamId, id));
    }

    private MinutesLine ofRecord(UUID teamId, UUID lineId) {
        return lines.findByIdAndTeamId(lineId, teamId)
                .filter(l -> l.folio() != null)
                .orElseThrow(() -> Refusal.notFound("line of record"));
    }

    private Set<UUID> pulledInto(Meeting meeting) {
        return pulled.findByKeyMeetingId(meeting.id()).stream()
                .map(PulledMatter::lineId)
                .collect(Collectors.toSet());
    }

    private Map<UUID, Course> courses(UUID teamId, Collection<MinutesLine> of) {
        return acts.courses(teamId, of.stream().map(MinutesLine::id).toList());
    }

    private void tell(UUID meetingId) {
        events.publishEvent(new Changed(meetingId, "matters", Map.of()));
    }
}
