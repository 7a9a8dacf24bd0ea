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
import org.ledgerlamp.server.common.Texts;
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
        bring(entry, said, invitation.cancelled());
        return entry.meetingId();
    }

    /** Takes over what was changed in the calendar since; where the same was changed here too, that is remembered. */
    private void bring(CalendarEntry entry, Facts read, boolean off) {
        Meeting meeting = meetings.one(entry.teamId(), entry.meetingId());
        Facts before = entry.takenOver();
        Facts said = entry.isMadeHere() ? FactsMerge.carriedOnly(read, before) : read;
        if (!said.equals(before)) {
            Facts here = meetings.facts(meeting);
            List<Carried> clashes = FactsMerge.clashes(here, before, said);
            if (entry.isMadeHere() && !clashes.isEmpty()) {
                entry.clashesWith(said, clashes);
            }
            meetings.follow(meeting, FactsMerge.merged(here, before, said));
            entry.takeOver(said);
        }
        if (off != entry.isOffThere()) {
            meetings.callOff(meeting, off);
            entry.callOffThere(off);
        }
    }

    /**
     * Takes over what the calendar has of a meeting made here, before that is written again.
     *
     * @param tag with which it stands there
     */
    void meet(UUID entryId, Invitation there, @Nullable String tag) {
        CalendarEntry entry = entries.findById(entryId).orElseThrow();
        bring(entry, facts(there, roster.everybody(entry.teamId())), there.cancelled());
        entry.standsAs(tag);
    }

    /** Says that a calendar has a meeting made here no more. */
    void vanished(UUID entryId) {
        entries.findById(entryId).ifPresent(e -> gone(e, LocalDate.MIN, LocalDate.MAX));
    }

    /** Finds the meeting of an entry that is seen for the first time, or makes it. */
    private UUID begin(CalendarConnection connection, Invitation invitation, Facts said) {
        Optional<Meeting> here = same(connection.teamId(), said);
        here.ifPresent(m -> meetings.follow(m, FactsMerge.filled(meetings.facts(m), said)));
        Meeting meeting = here.orElseGet(() -> meetings.create(connection.teamId(), said));
        entries.save(new CalendarEntry(connection, invitation.uid(), invitation.occurrence(), meeting.id(), said));
        return meeting.id();
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
        boolean wasThere = !entry.isMadeHere() || entry.writtenAt() != null;
        if (wasThere && !entry.isOffThere() && !day.isBefore(from) && day.isBefore(until)) {
            entry.callOffThere(true);
            Meeting meeting = meetings.one(entry.teamId(), entry.meetingId());
            if (!meeting.hasMinutes() && !meeting.date().isBefore(LocalDate.now(clock))) {
                meetings.callOff(meeting, true);
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
                guests.add(new Guest(Texts.shortened(invited.name(), 120), invited.email()));
            }
        }
        Integer minutes =
                invitation.length() == null ? null : (int) invitation.length().toMinutes();
        ZoneId zone = invitation.start().getZone();
        return new Facts(
                Texts.shortened(invitation.title(), 300),
                invitation.start().toLocalDate(),
                invitation.start().toLocalTime(),
                zone.getId(),
                minutes != null && minutes >= 1 && minutes <= 1440 ? minutes : null,
                null,
                Texts.shortened(invitation.location(), 300),
                invitation.occurrence() == null ? null : Texts.shortened(invitation.title(), 160),
                invitation.agenda().stream().map(i -> Texts.shortened(i, 300)).toList(),
                invitation.next(),
                people,
                Texts.shortened(invitation.link(), 1000),
                Texts.shortened(invitation.description(), 20_000),
                invitation.organiser() == null
                        ? null
                        : Texts.shortened(invitation.organiser().name(), 300),
                null,
                guests,
                Texts.shortened(invitation.label(), 80));
    }

    private static boolean isSame(RosterPerson known, Person invited) {
        return known.email() != null && known.email().equalsIgnoreCase(invited.email())
                || known.name().equalsIgnoreCase(invited.name());
    }
}
