package org.ledgerlamp.server.minutes;

import jakarta.annotation.PreDestroy;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.language.Progress;
import org.ledgerlamp.core.minutes.Detail;
import org.ledgerlamp.core.minutes.Draft;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.page.PageService;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Component;

/**
 * Drafts in the background, one meeting after the other, and says how far it is. What is under way is forgotten when the
 * server stops; its sources are kept, so it can be asked for again.
 */
@Component
public class DraftingDesk {
    private static final Logger LOG = LoggerFactory.getLogger(DraftingDesk.class);
    private static final int MOST_WAITING = 50;
    private static final int MOST_TRIES = 3;
    private static final int MOST_REMEMBERED = 500;

    private final DraftingService drafting;
    private final PageService pages;
    private final ApplicationEventPublisher events;
    private final ExecutorService worker = new ThreadPoolExecutor(
            1,
            1,
            0,
            TimeUnit.SECONDS,
            new LinkedBlockingQueue<>(MOST_WAITING),
            Thread.ofPlatform().name("drafting").factory());
    private final Map<UUID, Drafting> draftings = new LinkedHashMap<>() {
        @Override
        protected boolean removeEldestEntry(Map.Entry<UUID, Drafting> eldest) {
            return size() > MOST_REMEMBERED;
        }
    };

    DraftingDesk(DraftingService drafting, PageService pages, ApplicationEventPublisher events) {
        this.drafting = drafting;
        this.pages = pages;
        this.events = events;
    }

    @PreDestroy
    void close() {
        worker.shutdownNow();
    }

    /**
     * Begins to draft a meeting's minutes, or to draft them anew.
     *
     * @throws Refusal where there is nothing to draft from, the minutes are filed, or too much is waiting already
     */
    Drafting begin(SignedIn who, UUID meetingId, @Nullable String template, @Nullable Detail detail) {
        return begin(who.teamId(), who.memberId(), true, meetingId, template, detail);
    }

    /** Drafts a meeting's minutes without anybody having asked for it, on behalf of a member. */
    public void beginUnasked(UUID teamId, UUID memberId, UUID meetingId) {
        begin(teamId, memberId, false, meetingId, null, null);
    }

    private Drafting begin(
            UUID teamId,
            UUID memberId,
            boolean asked,
            UUID meetingId,
            @Nullable String template,
            @Nullable Detail detail) {
        pages.handIn(teamId, meetingId);
        DraftingOrder order = drafting.order(teamId, meetingId, template, detail);
        Drafting begun = new Drafting(UUID.randomUUID(), teamId);
        remember(begun);
        try {
            worker.execute(() -> carryOut(order, begun)
                    .ifPresent(id -> events.publishEvent(new DraftReady(teamId, meetingId, id, memberId, asked))));
        } catch (RejectedExecutionException e) {
            throw Refusal.conflict("Too many drafts are waiting; try again in a minute.")
                    .because(e);
        }
        return begun;
    }

    private Optional<UUID> carryOut(DraftingOrder order, Drafting begun) {
        try {
            UUID id = kept(order, order.drafted(begun));
            begun.finished(id);
            return Optional.of(id);
        } catch (Refusal refused) {
            begun.failed(refused.getBody().getDetail());
        } catch (RuntimeException e) {
            LOG.error("drafting meeting {} failed", order.meetingId(), e);
            begun.failed("Drafting failed. The sources are kept; nothing was changed.");
        }
        return Optional.empty();
    }

    /** Keeps a draft; where somebody changed a line of the draft before at that moment, it is kept around that change. */
    private UUID kept(DraftingOrder order, Draft draft) {
        for (int tries = 1; ; tries++) {
            try {
                return drafting.keep(order, draft);
            } catch (OptimisticLockingFailureException e) {
                if (tries == MOST_TRIES) {
                    throw e;
                }
            }
        }
    }

    private synchronized void remember(Drafting begun) {
        draftings.put(begun.id(), begun);
    }

    /** @throws Refusal where the team began no such drafting, or the server was started since */
    synchronized Drafting one(UUID teamId, UUID id) {
        Drafting drafting = draftings.get(id);
        if (drafting == null || !drafting.teamId().equals(teamId)) {
            throw Refusal.notFound("drafting");
        }
        return drafting;
    }

    /**
     * Drafts at once, for those who can wait.
     *
     * @return the draft's id
     */
    public UUID draftNow(UUID teamId, UUID meetingId) {
        pages.handIn(teamId, meetingId);
        DraftingOrder order = drafting.order(teamId, meetingId, null, null);
        return drafting.keep(order, order.drafted(Progress.UNWATCHED));
    }
}
