package org.ledgerlamp.server.calendar;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.CalendarEntryFile;
import org.ledgerlamp.core.exchange.Invitation;
import org.ledgerlamp.core.exchange.InvitationFile;
import org.springframework.stereotype.Component;

/** Writes meetings made here to their calendar's server; nothing that somebody changed there meanwhile is lost. */
@Component
class CalendarWriter {
    private static final int MOST_TRIES = 4;

    private final CalendarWriting writing;
    private final CalendarSync sync;
    private final Clock clock;

    CalendarWriter(CalendarWriting writing, CalendarSync sync, Clock clock) {
        this.writing = writing;
        this.sync = sync;
        this.clock = clock;
    }

    /** Writes whatever is to be written to a calendar. */
    void writeAll(UUID connectionId, CalendarServer server) throws CalendarUnreachable {
        for (UUID entryId : writing.due(connectionId)) {
            try {
                write(entryId, server);
            } catch (CalendarUnreachable e) {
                writing.notWritten(entryId, e.getMessage());
                throw e;
            } catch (IllegalArgumentException e) {
                writing.notWritten(entryId, "What the calendar has there cannot be read: " + e.getMessage());
            }
        }
    }

    private void write(UUID entryId, CalendarServer server) throws CalendarUnreachable {
        for (int tries = 0; tries < MOST_TRIES; tries++) {
            Optional<CalendarWriting.Order> order = writing.order(entryId);
            if (order.isEmpty() || isWritten(order.get(), server)) {
                return;
            }
        }
        writing.notWritten(entryId, "The calendar is being changed again and again.");
    }

    /** Whether that settles the entry; otherwise somebody was faster, and what they wrote is taken over first. */
    private boolean isWritten(CalendarWriting.Order order, CalendarServer server) throws CalendarUnreachable {
        Optional<CalendarServer.Kept> there = server.file(order.href());
        if (there.isEmpty()) {
            if (order.first()) {
                return put(order, CalendarEntryFile.begun(order.entry(), clock.instant()), null, server);
            }
            sync.vanished(order.entryId());
            writing.notWritten(order.entryId(), "The calendar has it no more.");
            return true;
        }
        CalendarServer.Kept kept = there.get();
        if (kept.tag() != null && kept.tag().equals(order.tag())) {
            return change(order, kept, server);
        }
        sync.meet(order.entryId(), invitation(kept.file(), order.entry().uid()), kept.tag());
        Optional<CalendarWriting.Order> anew = writing.order(order.entryId());
        return anew.isEmpty() || change(anew.get(), kept, server);
    }

    private boolean change(CalendarWriting.Order order, CalendarServer.Kept kept, CalendarServer server)
            throws CalendarUnreachable {
        return put(order, CalendarEntryFile.changed(kept.file(), order.entry(), clock.instant()), kept.tag(), server);
    }

    private boolean put(CalendarWriting.Order order, byte[] file, @Nullable String tag, CalendarServer server)
            throws CalendarUnreachable {
        Optional<CalendarServer.Written> written = server.write(order.href(), file, tag);
        written.ifPresent(w -> writing.written(order, w.tag()));
        return written.isPresent();
    }

    private static Invitation invitation(byte[] file, String uid) {
        return InvitationFile.all(file, ZoneId.systemDefault(), LocalDate.EPOCH, LocalDate.EPOCH.plusYears(1000))
                .stream()
                .filter(i -> i.uid().equals(uid))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("expected the meeting " + uid));
    }
}
