package org.ledgerlamp.server.post;

import jakarta.annotation.PreDestroy;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/** Sends letters in the background: at once, and again those that did not go out. */
@Component
class PostDesk {
    private static final Logger LOG = LoggerFactory.getLogger(PostDesk.class);
    private static final int SECONDS_BETWEEN = 10;
    private static final int AT_ONCE = 100;

    private final PostRoom room;
    private final PostRound round;
    private final ScheduledExecutorService worker = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().daemon().name("post").factory());

    private final ExecutorService carriers = Executors.newVirtualThreadPerTaskExecutor();
    private final Set<UUID> carrying = ConcurrentHashMap.newKeySet();

    PostDesk(PostRoom room, PostRound round) {
        this.room = room;
        this.round = round;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        worker.scheduleWithFixedDelay(this::sendDue, SECONDS_BETWEEN, SECONDS_BETWEEN, TimeUnit.SECONDS);
    }

    @PreDestroy
    void close() {
        worker.shutdownNow();
        carriers.shutdownNow();
    }

    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT, fallbackExecution = true)
    void putOut(PostRoom.PutOut put) {
        worker.execute(this::sendDue);
    }

    /** Hands what is due to each team's own carrier, so that the slow server of one keeps nobody else waiting. */
    private void sendDue() {
        try {
            for (UUID team : room.teamsWithDue()) {
                if (carrying.add(team)) {
                    carriers.execute(() -> carry(team));
                }
            }
        } catch (RuntimeException e) {
            LOG.error("the post could not be sent; it is tried again", e);
        }
    }

    private void carry(UUID team) {
        try {
            List<UUID> due = room.due(team, AT_ONCE);
            while (!due.isEmpty()) {
                due.forEach(round::send);
                due = room.due(team, AT_ONCE);
            }
        } catch (RuntimeException e) {
            LOG.error("the post of team {} could not be sent; it is tried again", team, e);
        } finally {
            carrying.remove(team);
        }
    }
}
