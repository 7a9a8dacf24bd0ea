package org.ledgerlamp.server.minutes;

import java.util.Collection;
import java.util.EnumSet;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.ledgerlamp.core.minutes.Draft;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.jobs.Job;
import org.ledgerlamp.server.jobs.Lane;
import org.ledgerlamp.server.jobs.Setback;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Drafts what was ordered. Draft, the order's end and the news of it are written at once: however often the server dies on
 * the way, there is one draft in the end.
 */
@Component
class DraftJob implements Job {
    private static final Logger LOG = LoggerFactory.getLogger(DraftJob.class);
    private static final int MOST_TRIES = 3;

    private final DraftingService drafting;
    private final Draftings draftings;
    private final ApplicationEventPublisher events;
    private final TransactionTemplate transaction;
    private final Map<UUID, DraftingProgress> progress = new ConcurrentHashMap<>();

    DraftJob(
            DraftingService drafting,
            Draftings draftings,
            ApplicationEventPublisher events,
            TransactionTemplate transaction) {
        this.drafting = drafting;
        this.draftings = draftings;
        this.events = events;
        this.transaction = transaction;
    }

    @Override
    public String name() {
        return "draft";
    }

    @Override
    public Lane lane() {
        return Lane.DRAFTING;
    }

    @Override
    public Collection<UUID> unordered() {
        return draftings.idsIn(EnumSet.of(Drafting.State.WAITING, Drafting.State.READING));
    }

    /** From now on it is known of an order how far it is. */
    DraftingProgress expect(UUID id) {
        return progress.computeIfAbsent(id, x -> new DraftingProgress());
    }

    /** How far an order is; one that is over, or was left by a server before, has not begun. */
    DraftingProgress progress(UUID id) {
        return progress.getOrDefault(id, new DraftingProgress());
    }

    @Override
    public void carryOut(UUID id) {
        draftings.findById(id).filter(d -> !d.isOver()).ifPresent(d -> draft(id, d.wish()));
    }

    private void draft(UUID id, Drafting.Wish wish) {
        DraftingProgress watched = expect(id);
        try {
            DraftingOrder order = drafting.order(wish.teamId(), wish.meetingId(), wish.template(), wish.detail());
            Draft draft = order.drafted(watched);
            keep(id, wish, order, draft, watched.all());
        } catch (Refusal refused) {
            fail(id, refused.getBody().getDetail());
        } catch (RuntimeException e) {
            if (Setback.willPass(e)) {
                throw e;
            }
            LOG.error("drafting meeting {} failed", wish.meetingId(), e);
            fail(id, "Drafting failed. The sources are kept; nothing was changed.");
        }
        watched.end();
        progress.remove(id);
    }

    /** Keeps a draft; where somebody changed a line of the draft before at that moment, it is kept around that change. */
    private void keep(UUID id, Drafting.Wish wish, DraftingOrder order, Draft draft, int sentences) {
        for (int tries = 1; ; tries++) {
            try {
                transaction.executeWithoutResult(t -> {
                    UUID minutes = drafting.keep(order, draft);
                    draftings.findById(id).orElseThrow().finished(minutes, sentences);
                    events.publishEvent(
                            new DraftReady(wish.teamId(), wish.meetingId(), minutes, wish.memberId(), wish.asked()));
                });
                return;
            } catch (OptimisticLockingFailureException e) {
                if (tries == MOST_TRIES) {
                    throw e;
                }
            }
        }
    }

    private void fail(UUID id, String why) {
        transaction.executeWithoutResult(t -> draftings.findById(id).ifPresent(d -> d.failed(why)));
    }
}
