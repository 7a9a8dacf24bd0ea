package org.ledgerlamp.server.calendar;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.Invitation;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.server.meetings.Meeting;
import org.ledgerlamp.server.meetings.MeetingService;
import org.ledgerlamp.server.meetings.MeetingService.Facts;
import org.ledgerlamp.server.meetings.MeetingService.Guest;
import org.ledgerlamp.server.roster.RosterPerson;
import org.ledgerlamp.server.roster.RosterService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Makes the team's meetings follow what a calendar says. What a person changed about a meeting since it was taken over
 * stays as they changed it.
 */
@Service
@Transactional
class CalendarSync {
    private final CalendarConnections connections;
    private final CalendarEntries entries;
    private final MeetingService meetings;
    private final RosterService roster;
    private final Clock clock;

    CalendarSync(
            CalendarConnections connections,
            CalendarEntries entries,
            MeetingService meetings,
            RosterService roster,
            Clock clock) {
        this.connections = connections;
        this.entries = entries;
        this.meetings = meetings;
        this.roster = roster;
        this.clock = clock;
    }

    private record Which(String uid, @Nullable Instant occurrence) {}

    /**
     * Takes over single invitations; what is not among them stays as it is.
     *
     * @return their meetings
     */
    List<UUID> add(UUID connectionId, List<Invitation> invitations) {
        CalendarConnection connection = connections.findById(connectionId).orElseThrow();
        return followAll(connection, entriesOf(connectionId), invitations).values().stream()
                .flatMap(Optional::stream)
                .toList();
    }

    /** Makes every meeting follow its invitation; the meetings by which entry they are, empty where one is none of ours. */
    private Map<Which, Optional<UUID>> followAll(
            CalendarConnection connection, Map<Which, CalendarEntry> known, List<Invitation> invitations) {
        List<RosterPerson> everybody = roster.everybody(connection.teamId());
        Map<Which, Optional<UUID>> followed = new LinkedHashMap<>();
        for (Invitation invitation : invitations) {
            followed.computeIfAbsent(
                    new Which(invitation.uid(), invitation.occurrence()),
                    which -> Optional.ofNullable(follow(connection, known.get(which), invitation, everybody)));
        }
        return followed;
    }

    private Map<Which, CalendarEntry> entriesOf(UUID connectionId) {
        Map<Which, CalendarEntry> known = new HashMap<>();
        entries.findByConnectionId(connectionId).forEach(e -> known.put(new Which(e.uid(), e.occurrence()), e));
        return known;
    }

    /** Takes over the invitations that a calendar has from {@code from} on; what it has no more is called off. */
    void takeOver(UUID connectionId, List<Invitation> invitations, LocalDate from, LocalDate until) {
        Optional<CalendarConnection> found = connections.findById(connectionId);
        if (found.isEmpty()) {
            return; // taken away while it was asked
        }
        CalendarConnection connection = found.get();
        Map<Which, CalendarEntry> known = entriesOf(connectionId);
        Set<Which> seen = followAll(connection, known, invitations).keySet();
        known.forEach((which, entry) -> {
            if (!seen.contains(which)) {
                gone(entry, from, until);
            }
        });
        connection.reached(clock.instant());
    }

    /** Says that a calendar did not answer; what it said last stays. */
    void failed(UUID connectionId, String why) {
        connections.findById(connectionId).ifPresent(c -> c.failed(clock.instant(), why));
    }

    /** Makes a meeting follow its invitation; the answer is the meeting's id, or null where it is none of ours. */
    private @Nullable UUID follow(
            CalendarConnection connection,
            @Nullable CalendarEntry entry,
            Invitation invitation,
            List<RosterPerson> everybody) {
        Facts said = facts(invitation, everybody);
        if (entry == null) {
            return invitation.cancelled() ? null : begin(connection, invitation, said);
        }
        Meeting meeting = meetings.one(connection.teamId(), entry.meetingId());
        if (!said.equals(entry.takenOver()) || meeting.isCalledOff() != invitation.cancelled()) {
            meetings.follow(meeting, merged(meetings.facts(meeting), entry.takenOver(), said), invitation.cancelled());
            entry.takeOver(said);
        }
        return meeting.id();
    }

    /** Finds the meeting of an entry that is seen for the first time, or makes it. */
    private UUID begin(CalendarConnection connection, Invitation invitation, Facts said) {
        Optional<Meeting> here = same(connection.teamId(), said);
        here.ifPresent(m -> meetings.follow(m, filled(meetings.facts(m), said), false));
        Meeting meeting = here.orElseGet(() -> meetings.create(connection.teamId(), said));
        entries.save(new CalendarEntry(connection, invitation.uid(), invitation.occurrence(), meeting.id(), said));
        return meeting.id();
    }

    /** What is known here, with what the calendar says where nothing is known. */
    private static Facts filled(Facts here, Facts said) {
        List<UUID> people = new ArrayList<>(here.people());
        said.people().stream().filter(p -> !people.contains(p)).forEach(people::add);
        return new Facts(
                here.title(),
                here.date(),
                here.start(),
                here.zone(),
                or(here.plannedMinutes(), said.plannedMinutes()),
                here.kind(),
                or(here.location(), said.location()),
                or(here.series(), said.series()),
                here.agenda().isEmpty() ? said.agenda() : here.agenda(),
                or(here.nextMeeting(), said.nextMeeting()),
                people,
                or(here.link(), said.link()),
                or(here.description(), said.description()),
                or(here.organiser(), said.organiser()),
                here.template(),
                said.guests());
    }

    private static <T> @Nullable T or(@Nullable T here, @Nullable T said) {
        return here == null ? said : here;
    }

    /** A meeting that is here already: of that day, hour and title, or of that day and uid in another member's calendar. */
    private Optional<Meeting> same(UUID teamId, Facts said) {
        return meetings.between(teamId, said.date(), said.date()).stream()
                .filter(m -> Objects.equals(m.start(), said.start()))
                .filter(m ->
                        m.title().toLowerCase(Locale.ROOT).equals(said.title().toLowerCase(Locale.ROOT)))
                .findFirst();
    }

    /** An entry that the calendar has no more: its meeting, if it was still to come, will not take place. */
    private void gone(CalendarEntry entry, LocalDate from, LocalDate until) {
        LocalDate day = entry.takenOver().date();
        if (!day.isBefore(from) && day.isBefore(until)) {
            Meeting meeting = meetings.one(entry.teamId(), entry.meetingId());
            if (!meeting.hasMinutes() && !meeting.date().isBefore(LocalDate.now(clock))) {
                meetings.callOff(meeting);
            }
        }
    }

    private static Facts facts(Invitation invitation, List<RosterPerson> everybody) {
        List<UUID> people = new ArrayList<>();
        List<Guest> guests = new ArrayList<>();
        for (Person invited : invitation.invited()) {
            Optional<RosterPerson> known =
                    everybody.stream().filter(p -> isSame(p, invited)).findFirst();
            if (known.isPresent() && !people.contains(known.get().id())) {
                people.add(known.get().id());
            } else if (known.isEmpty()) {
                guests.add(new Guest(shortened(invited.name(), 120), invited.email()));
            }
        }
        Integer minutes =
                invitation.length() == null ? null : (int) invitation.length().toMinutes();
        ZoneId zone = invitation.start().getZone();
        return new Facts(
                shortened(invitation.title(), 300),
                invitation.start().toLocalDate(),
                invitation.start().toLocalTime(),
                zone.getId(),
                minutes != null && minutes >= 1 && minutes <= 1440 ? minutes : null,
                null,
                shortened(invitation.location(), 300),
                invitation.occurrence() == null ? null : shortened(invitation.title(), 160),
                invitation.agenda().stream().map(i -> shortened(i, 300)).toList(),
                invitation.next(),
                people,
                shortened(invitation.link(), 1000),
                shortened(invitation.description(), 20_000),
                invitation.organiser() == null
                        ? null
                        : shortened(invitation.organiser().name(), 300),
                null,
                guests);
    }

    private static boolean isSame(RosterPerson known, Person invited) {
        return known.email() != null && known.email().equalsIgnoreCase(invited.email())
                || known.name().equalsIgnoreCase(invited.name());
    }

    private static @Nullable String shortened(@Nullable String text, int most) {
        return text == null || text.length() <= most ? text : text.substring(0, most);
    }

    /** What the calendar says now, but where a person changed what it had said before. */
    private static Facts merged(Facts here, Facts before, Facts now) {
        return new Facts(
                pick(here.title(), before.title(), now.title()),
                pick(here.date(), before.date(), now.date()),
                pick(here.start(), before.start(), now.start()),
                pick(here.zone(), before.zone(), now.zone()),
                pick(here.plannedMinutes(), before.plannedMinutes(), now.plannedMinutes()),
                here.kind(),
                pick(here.location(), before.location(), now.location()),
                pick(here.series(), before.series(), now.series()),
                pick(here.agenda(), before.agenda(), now.agenda()),
                pick(here.nextMeeting(), before.nextMeeting(), now.nextMeeting()),
                people(here.people(), before.people(), now.people()),
                pick(here.link(), before.link(), now.link()),
                pick(here.description(), before.description(), now.description()),
                pick(here.organiser(), before.organiser(), now.organiser()),
                here.template(),
                pick(here.guests(), before.guests(), now.guests()));
    }

    private static <T> T pick(T here, T before, T now) {
        return Objects.equals(here, before) ? now : here;
    }

    /** Those here, with whoever was invited since and without whoever was let go since. */
    private static List<UUID> people(List<UUID> here, List<UUID> before, List<UUID> now) {
        List<UUID> people = new ArrayList<>(here);
        now.stream().filter(p -> !before.contains(p) && !people.contains(p)).forEach(people::add);
        people.removeIf(p -> before.contains(p) && !now.contains(p));
        return people;
    }
}
