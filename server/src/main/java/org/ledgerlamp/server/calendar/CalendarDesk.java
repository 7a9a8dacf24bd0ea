package org.ledgerlamp.server.calendar;

import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.ledgerlamp.core.exchange.Invitation;
import org.ledgerlamp.core.exchange.InvitationFile;
import org.ledgerlamp.server.common.Secrets;
import org.ledgerlamp.server.meetings.MeetingChanged;
import org.ledgerlamp.server.minutes.Circulated;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/** Asks the calendars in the background, every few minutes and whenever somebody wants it. */
@Component
class CalendarDesk {
    private static final Logger LOG = LoggerFactory.getLogger(CalendarDesk.class);
    private static final int MINUTES_BETWEEN = 5;
    private static final int DAYS_BACK = 14;
    private static final int DAYS_AHEAD = 90;

    private final CalendarConnections connections;
    private final CalendarSync sync;
    private final CalendarWriting writing;
    private final CalendarWriter writer;
    private final MinutesAppender appender;
    private final Secrets secrets;
    private final Clock clock;
    private final Set<UUID> waiting = ConcurrentHashMap.newKeySet();
    private final Set<UUID> asking = ConcurrentHashMap.newKeySet();
    private final ScheduledExecutorService worker = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().daemon().name("calendar").factory());

    CalendarDesk(
            CalendarConnections connections,
            CalendarSync sync,
            CalendarWriting writing,
            CalendarWriter writer,
            MinutesAppender appender,
            Secrets secrets,
            Clock clock) {
        this.connections = connections;
        this.sync = sync;
        this.writing = writing;
        this.writer = writer;
        this.appender = appender;
        this.secrets = secrets;
        this.clock = clock;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        worker.scheduleWithFixedDelay(
                () -> connections.findByKindNot(ConnectionKind.DROPPED).forEach(c -> carryOut(c.id())),
                0,
                MINUTES_BETWEEN,
                TimeUnit.MINUTES);
    }

    @PreDestroy
    void close() {
        worker.shutdownNow();
    }

    /** Asks a calendar soon; asking twice meanwhile asks once. */
    void ask(UUID connectionId) {
        if (waiting.add(connectionId)) {
            worker.execute(() -> carryOut(connectionId));
        }
    }

    /** A meeting made here was changed: its calendars are to hear of it. */
    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT, fallbackExecution = true)
    void changed(MeetingChanged meeting) {
        if (meeting.byMember()) {
            writing.connectionsOf(meeting.meetingId()).forEach(this::ask);
        }
    }

    /** Minutes were sent out: the calendars that have their meeting get them. */
    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT, fallbackExecution = true)
    void circulated(Circulated minutes) {
        appender.calendarsWith(minutes.meetingId()).forEach(this::ask);
    }

    /** The calendars that wait to be asked or are being asked; take it before you read what came of it. */
    Set<UUID> asking() {
        // What goes from one to the other meanwhile is added there before it leaves here.
        Set<UUID> all = new HashSet<>(waiting);
        all.addAll(asking);
        return all;
    }

    private void carryOut(UUID connectionId) {
        asking.add(connectionId);
        waiting.remove(connectionId);
        try {
            connections.findById(connectionId).ifPresent(this::askNow);
        } catch (RuntimeException e) {
            LOG.error("calendar {} could not be followed", connectionId, e);
            sync.failed(connectionId, "What it says could not be taken over; the server's log has the details.");
        } finally {
            asking.remove(connectionId);
        }
    }

    private void askNow(CalendarConnection connection) {
        LocalDate from = LocalDate.now(clock).minusDays(DAYS_BACK);
        LocalDate until = LocalDate.now(clock).plusDays(DAYS_AHEAD);
        try {
            writer.writeAll(connection.id(), serverOf(connection));
            sync.takeOver(connection.id(), invitations(connection, from, until), from, until);
            if (connection.kind() == ConnectionKind.CALDAV) {
                appender.appendAll(connection.id(), serverOf(connection));
            }
        } catch (CalendarUnreachable e) {
            sync.failed(connection.id(), e.getMessage());
        }
    }

    private List<Invitation> invitations(CalendarConnection connection, LocalDate from, LocalDate until)
            throws CalendarUnreachable {
        CalendarServer server = serverOf(connection);
        List<byte[]> files =
                connection.kind() == ConnectionKind.FEED ? List.of(server.feed()) : server.entries(from, until);
        ZoneId home = clock.getZone();
        List<Invitation> all = new ArrayList<>();
        for (byte[] file : files) {
            try {
                all.addAll(InvitationFile.all(file, home, from, until));
            } catch (IllegalArgumentException e) {
                throw new CalendarUnreachable("The calendar cannot be read: " + e.getMessage(), e);
            }
        }
        return all;
    }

    CalendarServer serverOf(CalendarConnection connection) {
        return new CalendarServer(
                connection.address(),
                connection.username(),
                connection.secret() == null ? null : secrets.told(connection.secret()));
    }
}
