package org.ledgerlamp.server.calendar;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.meetings.MeetingService;
import org.ledgerlamp.server.meetings.MeetingService.Facts;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The calendars in which a meeting stands, over HTTP. */
@RestController
@RequestMapping("/api/meetings/{id}/calendars")
class MeetingCalendarController {
    private final CalendarConnections connections;
    private final CalendarEntries entries;
    private final CalendarWriting writing;
    private final CalendarDesk desk;
    private final MeetingService meetings;

    MeetingCalendarController(
            CalendarConnections connections,
            CalendarEntries entries,
            CalendarWriting writing,
            CalendarDesk desk,
            MeetingService meetings) {
        this.connections = connections;
        this.entries = entries;
        this.writing = writing;
        this.desk = desk;
        this.meetings = meetings;
    }

    /** What was changed here and in the calendar, and what each says now. */
    record Clash(Carried what, @Nullable String here, @Nullable String there) {}

    /**
     * A calendar in which a meeting stands.
     *
     * @param madeHere whether the meeting is written to it; otherwise it came from it
     * @param waiting whether something is still to be written
     * @param problem why it could not be written the last time
     */
    record InCalendar(
            UUID connectionId,
            String name,
            boolean madeHere,
            boolean waiting,
            @Nullable Instant writtenAt,
            @Nullable String problem,
            List<Clash> clashes) {}

    record Which(@NotNull UUID connectionId) {}

    record Settled(@NotNull Set<Carried> theirs) {}

    @GetMapping
    List<InCalendar> all(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        Facts here = meetings.knownOf(who.teamId(), id);
        return entries.findByMeetingId(id).stream()
                .map(e -> view(e, here))
                .filter(Objects::nonNull)
                .toList();
    }

    @PostMapping
    List<InCalendar> putInto(
            @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody Which which) {
        desk.ask(writing.putInto(who, id, which.connectionId()));
        return all(who, id);
    }

    /** Settles what was changed here and there. */
    @PutMapping("/settled")
    List<InCalendar> settle(
            @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody Settled settled) {
        writing.settle(who.teamId(), id, settled.theirs());
        writing.connectionsOf(id).forEach(desk::ask);
        return all(who, id);
    }

    private @Nullable InCalendar view(CalendarEntry entry, Facts here) {
        return connections
                .findById(entry.connectionId())
                .filter(c -> c.kind() != ConnectionKind.DROPPED)
                .map(c -> new InCalendar(
                        c.id(),
                        c.name(),
                        entry.isMadeHere(),
                        entry.isMadeHere() && writing.isDue(entry),
                        entry.writtenAt(),
                        entry.problem(),
                        clashes(entry, here)))
                .orElse(null);
    }

    private static List<Clash> clashes(CalendarEntry entry, Facts here) {
        return entry.clashing().stream()
                .map(c -> new Clash(c, text(c.of(here)), text(c.of(entry.theirs()))))
                .toList();
    }

    private static @Nullable String text(@Nullable Object said) {
        return said == null ? null : said.toString();
    }
}
