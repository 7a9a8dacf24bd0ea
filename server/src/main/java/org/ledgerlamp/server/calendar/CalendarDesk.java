package org.ledgerlamp.server.calendar;

import jakarta.annotation.PreDestroy;
import java.net.URI;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.Invitation;
import org.ledgerlamp.core.exchange.InvitationFile;
import org.ledgerlamp.server.common.Secrets;
import org.ledgerlamp.server.meetings.MeetingChanged;
import org.ledgerlamp.server.minutes.Circulated;
import org.ledgerlamp.server.outgoing.OutgoingHttp;
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
    private final OutgoingHttp http;
    private final Clock clock;
    private final Set<UUID> waiting = ConcurrentHashMap.newKeySet();
    private final Set<UUID> asking = ConcurrentHashMap.newKeySet();
    private final ScheduledExecutorService round = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().daemon().name("calendar").factory());
    /** A thread for each calendar: one whose server is slow keeps nobody else waiting. */
    private final ExecutorService workers = Executors.newVirtualThreadPerTaskExecutor();

    private final Map<UUID, ReentrantLock> turns = new ConcurrentHashMap<>();

    CalendarDesk(
            CalendarConnections connections,
            CalendarSync sync,
            CalendarWriting writing,
            CalendarWriter writer,
            MinutesAppender appender,
            Secrets secrets,
            OutgoingHttp http,
            Clock clock) {
        this.connections = connections;
        this.sync = sync;
        this.writing = writing;
        this.writer = writer;
        this.appender = appender;
        this.secrets = secrets;
        this.http = http;
        this.clock = clock;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        round.scheduleWithFixedDelay(this::askAll, 0, MINUTES_BETWEEN, TimeUnit.MINUTES);
    }

    @PreDestroy
    void close() {
        round.shutdownNow();
        workers.shutdownNow();
    }

    private void askAll() {
        try {
            connections.findByKindNot(ConnectionKind.DROPPED).forEach(c -> ask(c.id()));
        } catch (RuntimeException e) {
            LOG.error("the calendars could not be asked; they are asked again in a few minutes", e);
        }
    }

    /** Asks a calendar soon; asking twice meanwhile asks once. */
    void ask(UUID connectionId) {
        if (waiting.add(connectionId)) {
            workers.execute(() -> carryOut(connectionId));
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
        ReentrantLock turn = turns.computeIfAbsent(connectionId, id -> new ReentrantLock());
        turn.lock();
        try {
            asking.add(connectionId);
            waiting.remove(connectionId);
            connections.findById(connectionId).ifPresent(this::askNow);
        } catch (RuntimeException e) {
            LOG.error("calendar {} could not be followed", connectionId, e);
            sync.failed(connectionId, "What it says could not be taken over; the server's log has the details.");
        } finally {
            asking.remove(connectionId);
            turn.unlock();
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
            LOG.info("calendar {} was not reached", connection.id(), e);
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

    /** The server at an address, as a team reaches it. */
    CalendarServer server(UUID teamId, URI address, @Nullable String username, @Nullable String secret) {
        return new CalendarServer(http, teamId, address, username, secret);
    }

    private CalendarServer serverOf(CalendarConnection connection) {
        return server(
                connection.teamId(),
                connection.address(),
                connection.username(),
                connection.secret() == null ? null : secrets.told(connection.secret()));
    }
}
