package org.ledgerlamp.server.links;

import jakarta.annotation.PreDestroy;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.ledgerlamp.server.minutes.Filed;
import org.ledgerlamp.server.minutes.LineOfRecord;
import org.ledgerlamp.server.minutes.MinutesService;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * Links folios to what was filed before, in the background, one after the other. Which ones are still to be linked is kept
 * with the folios: what was under way when the server died is taken up at its next start.
 */
@Component
class LinkDesk {
    private static final Logger LOG = LoggerFactory.getLogger(LinkDesk.class);

    private final LinkService links;
    private final MinutesService minutes;
    private final ExecutorService worker = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("linking").factory());

    LinkDesk(LinkService links, MinutesService minutes) {
        this.links = links;
        this.minutes = minutes;
    }

    @PreDestroy
    void close() {
        worker.shutdownNow();
    }

    @EventListener(ApplicationReadyEvent.class)
    @Order(Ordered.LOWEST_PRECEDENCE)
    void takeUp() {
        minutes.toLink().forEach(m -> later(m.teamId(), m.id()));
    }

    @EventListener
    void unfiled(Filed changed) {
        if (!changed.filed()) {
            links.forget(changed.minutesId());
        }
    }

    @EventListener
    void changed(LineOfRecord changed) {
        links.noteStanding(changed.teamId(), changed.lineId());
    }

    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT, fallbackExecution = true)
    void filed(Filed changed) {
        if (changed.filed()) {
            later(changed.teamId(), changed.minutesId());
        }
    }

    private void later(UUID teamId, UUID minutesId) {
        worker.execute(() -> {
            try {
                links.link(teamId, minutesId);
            } catch (RuntimeException e) {
                LOG.error("linking minutes {} failed; it is tried again at the next start", minutesId, e);
            }
        });
    }
}
