package org.ledgerlamp.server.meetings;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.common.Versions;
import org.ledgerlamp.server.roster.RosterPerson;
import org.ledgerlamp.server.roster.RosterService;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps meetings. */
@Service
@Transactional
public class MeetingService {
    private final Meetings meetings;
    private final RosterService roster;
    private final ApplicationEventPublisher events;

    MeetingService(Meetings meetings, RosterService roster, ApplicationEventPublisher events) {
        this.meetings = meetings;
        this.roster = roster;
        this.events = events;
    }

    /** What a member says of a meeting; {@code people} are ids of the roster. */
    public record Facts(
            @NotBlank @Size(max = 300) String title,
            @NotNull LocalDate date,
            @Nullable LocalTime start,
            @NotBlank @Size(max = 60) String zone,
            @Nullable @Min(1) @Max(1440) Integer plannedMinutes,
            @Nullable @Size(max = 80) String kind,
            @Nullable @Size(max = 300) String location,
            @Nullable @Size(max = 160) String series,
            @NotNull @Size(max = 100) List<@NotBlank @Size(max = 300) String> agenda,
            @Nullable LocalDate nextMeeting,
            @NotNull @Size(max = 200) List<UUID> people,
            @Nullable @Size(max = 1000) String link,
            @Nullable @Size(max = 20_000) String description,
            @Nullable @Size(max = 300) String organiser,
            @Nullable @Size(max = 80) String template,
            @Nullable @Size(max = 200) List<@Valid Guest> guests,
            @Nullable @Size(max = 80) String label) {}

    /** Somebody invited whom the roster does not know. */
    public record Guest(@NotBlank @Size(max = 120) String name, @Nullable @Size(max = 254) String email) {}

    /** The team's meetings from one day to another, both included, newest first. */
    @Transactional(readOnly = true)
    public List<Meeting> between(UUID teamId, LocalDate from, LocalDate to) {
        return meetings.between(teamId, from, to);
    }

    /** The names of the team's series. */
    @Transactional(readOnly = true)
    public List<String> series(UUID teamId) {
        return meetings.series(teamId);
    }

    /** Of every series its last occurrence up to {@code day}. */
    @Transactional(readOnly = true)
    public List<Meeting> latestOfEachSeries(UUID teamId, LocalDate day) {
        return meetings.latestOfEachSeries(teamId, day);
    }

    /** @throws Refusal where the team has no such meeting */
    @Transactional(readOnly = true)
    public Meeting one(UUID teamId, UUID id) {
        return meetings.findByIdAndTeamId(id, teamId).orElseThrow(() -> Refusal.notFound("meeting"));
    }

    /** The occurrence of the same series before a meeting, if any. */
    @Transactional(readOnly = true)
    public Optional<Meeting> before(Meeting meeting) {
        return meeting.series() == null
                ? Optional.empty()
                : meetings.findFirstByTeamIdAndSeriesAndDateBeforeOrderByDateDesc(
                        meeting.teamId(), meeting.series(), meeting.date());
    }

    /** Creates a meeting. */
    public Meeting create(UUID teamId, Facts facts) {
        checkZone(facts.zone());
        Meeting meeting = new Meeting(teamId);
        meeting.change(facts, roster.named(teamId, facts.people()));
        return meetings.saveAndFlush(meeting);
    }

    Meeting change(UUID teamId, UUID id, Facts facts, String ifMatch) {
        checkZone(facts.zone());
        Meeting meeting = one(teamId, id);
        Versions.require(ifMatch, meeting.version(), () -> MeetingView.of(meeting));
        meeting.change(facts, roster.named(teamId, facts.people()));
        events.publishEvent(new MeetingChanged(teamId, id, true));
        return meetings.saveAndFlush(meeting);
    }

    /** What is known of a meeting, as a member would say it. */
    @Transactional(readOnly = true)
    public Facts facts(Meeting meeting) {
        return new Facts(
                meeting.title(),
                meeting.date(),
                meeting.start(),
                meeting.zone(),
                meeting.plannedMinutes(),
                meeting.kind(),
                meeting.location(),
                meeting.series(),
                meeting.agenda(),
                meeting.nextMeeting(),
                meeting.invited().stream().map(RosterPerson::id).toList(),
                meeting.link(),
                meeting.description(),
                meeting.organiser(),
                meeting.template(),
                meeting.guests(),
                meeting.label());
    }

    /** The same by the meeting's id. */
    @Transactional(readOnly = true)
    public Facts knownOf(UUID teamId, UUID id) {
        return facts(one(teamId, id));
    }

    /** A meeting as the core knows meetings; {@code everybody} is whoever may be meant. */
    @Transactional(readOnly = true)
    public MeetingFacts coreFacts(UUID teamId, UUID id, List<Person> everybody) {
        return one(teamId, id).facts(everybody);
    }

    /** Takes over what a calendar says of a meeting. */
    public void follow(Meeting meeting, Facts facts) {
        checkZone(facts.zone());
        meeting.change(facts, roster.named(meeting.teamId(), facts.people()));
        meetings.save(meeting);
        events.publishEvent(new MeetingChanged(meeting.teamId(), meeting.id(), false));
    }

    /** Says that a meeting will not take place, or will after all. */
    public void callOff(Meeting meeting, boolean off) {
        meeting.callOff(off);
        meetings.saveAndFlush(meeting);
        events.publishEvent(new MeetingChanged(meeting.teamId(), meeting.id(), true));
    }

    private static void checkZone(String zone) {
        try {
            ZoneId.of(zone);
        } catch (DateTimeException e) {
            throw Refusal.invalid("There is no time zone \"" + zone + "\"; expected one such as Europe/Oslo.");
        }
    }
}
