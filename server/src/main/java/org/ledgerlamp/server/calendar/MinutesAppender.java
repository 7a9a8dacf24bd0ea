package org.ledgerlamp.server.calendar;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import org.ledgerlamp.core.exchange.CalendarEntryFile;
import org.ledgerlamp.server.minutes.Circulated;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Sets circulated minutes below the text of their meeting's calendar entries: once, and in place of an earlier revision.
 * What cannot be written now is written at the next round.
 */
@Component
class MinutesAppender {
    private static final int MOST_TRIES = 3;

    private final CalendarConnections connections;
    private final CalendarEntries entries;
    private final EntryMinutesRows rows;
    private final TransactionTemplate transaction;
    private final Clock clock;

    MinutesAppender(
            CalendarConnections connections,
            CalendarEntries entries,
            EntryMinutesRows rows,
            TransactionTemplate transaction,
            Clock clock) {
        this.connections = connections;
        this.entries = entries;
        this.rows = rows;
        this.transaction = transaction;
        this.clock = clock;
    }

    /** Minutes went out: they are to stand in every calendar of CalDAV that has their meeting. */
    @EventListener
    @Transactional
    void remember(Circulated minutes) {
        for (CalendarEntry entry : entries.findByMeetingId(minutes.meetingId())) {
            boolean writable = connections
                    .findById(entry.connectionId())
                    .filter(c -> c.kind() == ConnectionKind.CALDAV)
                    .isPresent();
            if (writable) {
                EntryMinutes row = rows.findByEntryId(entry.id()).orElseGet(() -> new EntryMinutes(entry));
                row.become(minutes.text());
                rows.save(row);
            }
        }
    }

    /** The calendars that have a meeting. */
    List<UUID> calendarsWith(UUID meetingId) {
        return entries.findByMeetingId(meetingId).stream()
                .map(CalendarEntry::connectionId)
                .distinct()
                .toList();
    }

    /** Writes whatever is still to be written to a calendar. */
    void appendAll(UUID connectionId, CalendarServer server) throws CalendarUnreachable {
        for (UUID rowId : rows.due(connectionId)) {
            try {
                append(rowId, server);
            } catch (CalendarUnreachable e) {
                settle(rowId, row -> row.notWritten(e.getMessage()));
                throw e;
            } catch (IllegalArgumentException e) {
                settle(rowId, row -> row.notWritten("What the calendar has there cannot be read: " + e.getMessage()));
            }
        }
    }

    private void append(UUID rowId, CalendarServer server) throws CalendarUnreachable {
        EntryMinutes row = rows.findById(rowId).orElseThrow();
        CalendarEntry entry = entries.findById(row.entryId()).orElseThrow();
        for (int tries = 0; tries < MOST_TRIES; tries++) {
            Optional<CalendarServer.Place> place = server.find(entry.uid());
            if (place.isEmpty()) {
                settle(rowId, r -> r.notWritten("The calendar has the meeting no more."));
                return;
            }
            byte[] file = CalendarEntryFile.withMinutes(
                    place.get().file(), entry.uid(), entry.occurrence(), row.text(), clock.instant());
            Optional<CalendarServer.Written> written =
                    server.write(place.get().href(), file, place.get().tag());
            if (written.isPresent()) {
                settle(rowId, r -> r.written(clock.instant()));
                transaction.executeWithoutResult(t -> entries.findById(entry.id())
                        .ifPresent(e -> e.standsAs(written.get().tag())));
                return;
            }
        }
        settle(rowId, r -> r.notWritten("The calendar is being changed again and again."));
    }

    private void settle(UUID rowId, Consumer<EntryMinutes> what) {
        transaction.executeWithoutResult(t -> rows.findById(rowId).ifPresent(what));
    }
}
