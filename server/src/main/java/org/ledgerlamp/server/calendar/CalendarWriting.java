package org.ledgerlamp.server.calendar;

import java.net.URI;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.CalendarEntryFile;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.meetings.Meeting;
import org.ledgerlamp.server.meetings.MeetingService;
import org.ledgerlamp.server.meetings.MeetingService.Facts;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Says which meetings made here are to be written to a calendar, and remembers how far that has come. */
@Service
@Transactional
class CalendarWriting {
    private final CalendarConnections connections;
    private final CalendarEntries entries;
    private final MeetingService meetings;
    private final AccessService access;
    private final Clock clock;

    CalendarWriting(
            CalendarConnections connections,
            CalendarEntries entries,
            MeetingService meetings,
            AccessService access,
            Clock clock) {
        this.connections = connections;
        this.entries = entries;
        this.meetings = meetings;
        this.access = access;
        this.clock = clock;
    }

    /**
     * A meeting to be written.
     *
     * @param first whether it never stood there
     * @param tag its file's tag when it was last written, or null
     * @param facts what is being written
     */
    record Order(
            UUID entryId,
            URI href,
            boolean first,
            @Nullable String tag,
            Facts facts,
            boolean off,
            CalendarEntryFile.Entry entry) {}

    /**
     * Puts a meeting into a calendar of the member's own.
     *
     * @throws Refusal where it cannot stand there, or stands in one already
     */
    UUID putInto(SignedIn who, UUID meetingId, UUID connectionId) {
        Meeting meeting = meetings.one(who.teamId(), meetingId);
        CalendarConnection connection = connections
                .findByIdAndTeamIdAndMemberId(connectionId, who.teamId(), who.memberId())
                .orElseThrow(() -> Refusal.notFound("calendar"));
        if (connection.kind() != ConnectionKind.CALDAV) {
            throw Refusal.invalid(connection.name() + " can be read only.");
        }
        if (meeting.start() == null) {
            throw Refusal.conflict("A calendar wants to know when the meeting begins; say so first.");
        }
        if (!entries.findByMeetingId(meetingId).isEmpty()) {
            throw Refusal.conflict("The meeting stands in a calendar already.");
        }
        String uid = meetingId.toString();
        String folder = connection.address().toString();
        URI href = URI.create((folder.endsWith("/") ? folder : folder + "/") + uid + ".ics");
        entries.save(CalendarEntry.madeHere(connection, uid, href, meetingId, meetings.facts(meeting)));
        return connection.id();
    }

    /** The calendars to which a meeting made here is written. */
    @Transactional(readOnly = true)
    public List<UUID> connectionsOf(UUID meetingId) {
        return entries.findByMeetingId(meetingId).stream()
                .filter(CalendarEntry::isMadeHere)
                .map(CalendarEntry::connectionId)
                .toList();
    }

    /** The entries of a calendar that are to be written: never yet, or changed here since. */
    @Transactional(readOnly = true)
    public List<UUID> due(UUID connectionId) {
        return entries.findByConnectionIdAndMadeHereTrue(connectionId).stream()
                .filter(this::isDue)
                .map(CalendarEntry::id)
                .toList();
    }

    /** Whether what is said here differs from what the calendar is known to have. */
    @Transactional(readOnly = true)
    public boolean isDue(CalendarEntry entry) {
        Meeting meeting = meetings.one(entry.teamId(), entry.meetingId());
        return meeting.start() != null
                && (entry.writtenAt() == null
                        || meeting.isCalledOff() != entry.isOffThere()
                        || !Carried.allSame(meetings.facts(meeting), entry.takenOver()));
    }

    /** What is to be written of an entry as things stand; empty where the calendar was taken away or nothing differs. */
    @Transactional(readOnly = true)
    public Optional<Order> order(UUID entryId) {
        return entries.findById(entryId).filter(this::isDue).map(this::order);
    }

    private Order order(CalendarEntry entry) {
        Meeting meeting = meetings.one(entry.teamId(), entry.meetingId());
        Facts facts = meetings.facts(meeting);
        return new Order(
                entry.id(),
                entry.href(),
                entry.writtenAt() == null,
                entry.etag(),
                facts,
                meeting.isCalledOff(),
                entryFor(connections.findById(entry.connectionId()).orElseThrow(), entry.uid(), meeting, facts));
    }

    private CalendarEntryFile.Entry entryFor(CalendarConnection connection, String uid, Meeting meeting, Facts facts) {
        List<Person> invited = new ArrayList<>();
        meeting.invited().forEach(p -> invited.add(p.person()));
        meeting.guests().forEach(g -> invited.add(new Person(g.name(), null, g.email(), List.of())));
        Person organiser = maker(connection);
        invited.removeIf(p ->
                p.name().equalsIgnoreCase(organiser.name()) || organiser.email().equalsIgnoreCase(p.email()));
        LocalDate day = facts.date();
        LocalTime start = facts.start();
        return new CalendarEntryFile.Entry(
                uid,
                facts.title(),
                day.atTime(start).atZone(ZoneId.of(facts.zone())),
                facts.plannedMinutes(),
                organiser,
                invited,
                facts.description(),
                facts.location(),
                facts.link(),
                facts.label(),
                meeting.isCalledOff());
    }

    /** Whoever puts a meeting into their calendar invites to it. */
    private Person maker(CalendarConnection connection) {
        return access.member(connection.teamId(), connection.memberId())
                .map(m -> new Person(m.name(), null, m.email(), List.of()))
                .orElseThrow();
    }

    /** Says that an order was carried out. */
    void written(Order order, @Nullable String tag) {
        entries.findById(order.entryId()).ifPresent(e -> e.written(order.facts(), order.off(), tag, clock.instant()));
    }

    /** Says that a meeting could not be written; it is tried again. */
    void notWritten(UUID entryId, String why) {
        entries.findById(entryId).ifPresent(e -> e.notWritten(why));
    }

    /** Settles what was changed here and there: of {@code theirs} what the calendar said, of all else what is said here. */
    void settle(UUID teamId, UUID meetingId, Set<Carried> theirs) {
        Meeting meeting = meetings.one(teamId, meetingId);
        for (CalendarEntry entry : entries.findByMeetingId(meetingId)) {
            if (entry.theirs() != null) {
                meetings.follow(meeting, FactsMerge.taking(theirs, meetings.facts(meeting), entry.theirs()));
                entry.settled();
            }
        }
    }
}
