package org.ledgerlamp.server.minutes;

import java.time.Clock;
import java.time.Duration;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.language.Progress;
import org.ledgerlamp.core.minutes.Detail;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.jobs.Jobs;
import org.ledgerlamp.server.page.PageService;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Takes orders for drafts and says how far they are. An order is kept before it is accepted, and carried out by
 * {@link DraftJob} whatever happens to the server meanwhile.
 */
@Component
public class DraftingDesk {
    private static final int MOST_WAITING = 50;
    private static final Duration BETWEEN_LOOKS = Duration.ofSeconds(1);

    private final DraftingService drafting;
    private final Draftings draftings;
    private final DraftJob job;
    private final Jobs jobs;
    private final PageService pages;
    private final TransactionTemplate transaction;
    private final Clock clock;

    DraftingDesk(
            DraftingService drafting,
            Draftings draftings,
            DraftJob job,
            Jobs jobs,
            PageService pages,
            TransactionTemplate transaction,
            Clock clock) {
        this.drafting = drafting;
        this.draftings = draftings;
        this.job = job;
        this.jobs = jobs;
        this.pages = pages;
        this.transaction = transaction;
        this.clock = clock;
    }

    /**
     * Begins to draft a meeting's minutes, or to draft them anew.
     *
     * @throws Refusal where there is nothing to draft from, the minutes are filed, or too much is waiting already
     */
    DraftingView begin(SignedIn who, UUID meetingId, @Nullable String template, @Nullable Detail detail) {
        return begin(new Drafting.Wish(who.teamId(), who.memberId(), meetingId, true, template, detail));
    }

    /** Drafts a meeting's minutes without anybody having asked for it, on behalf of a member. */
    public void beginUnasked(UUID teamId, UUID memberId, UUID meetingId) {
        begin(new Drafting.Wish(teamId, memberId, meetingId, false, null, null));
    }

    private DraftingView begin(Drafting.Wish wish) {
        pages.handIn(wish.teamId(), wish.meetingId());
        drafting.check(wish);
        if (draftings.countByTeamIdAndState(wish.teamId(), Drafting.State.WAITING) >= MOST_WAITING) {
            throw Refusal.conflict("Too many drafts are waiting; try again in a minute.");
        }
        return transaction.execute(t -> {
            Drafting begun = draftings.save(new Drafting(wish, clock.instant()));
            job.expect(begun.id());
            jobs.order(job, begun.id());
            return begun.view(job.progress(begun.id()));
        });
    }

    /**
     * How a drafting stands once it is over, or after some time.
     *
     * @param most how long to wait for its end
     * @throws Refusal where the team began no such drafting
     */
    DraftingView viewWithin(UUID teamId, UUID id, Duration most) throws InterruptedException {
        long until = System.nanoTime() + most.toNanos();
        Drafting begun = one(teamId, id);
        while (!begun.isOver() && System.nanoTime() < until) {
            Duration left = Duration.ofNanos(until - System.nanoTime());
            job.progress(id).await(left.compareTo(BETWEEN_LOOKS) < 0 ? left : BETWEEN_LOOKS);
            begun = one(teamId, id);
        }
        return begun.view(job.progress(id));
    }

    private Drafting one(UUID teamId, UUID id) {
        return draftings.findByIdAndTeamId(id, teamId).orElseThrow(() -> Refusal.notFound("drafting"));
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
