package org.ledgerlamp.server.projections;

import java.time.Clock;
import java.util.Collection;
import java.util.Optional;
import java.util.UUID;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.jobs.Job;
import org.ledgerlamp.server.jobs.Jobs;
import org.ledgerlamp.server.jobs.Lane;
import org.ledgerlamp.server.minutes.FoliosByNumber;
import org.ledgerlamp.server.minutes.Minutes;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Has all projections keep a team's ledger anew, folio by folio, while members go on working. */
@Component
class RebuildJob implements Job {
    private final LedgerRebuilds rebuilds;
    private final Projections projections;
    private final FoliosByNumber folios;
    private final Jobs jobs;
    private final TransactionTemplate transaction;
    private final Clock clock;

    RebuildJob(
            LedgerRebuilds rebuilds,
            Projections projections,
            FoliosByNumber folios,
            Jobs jobs,
            TransactionTemplate transaction,
            Clock clock) {
        this.rebuilds = rebuilds;
        this.projections = projections;
        this.folios = folios;
        this.jobs = jobs;
        this.transaction = transaction;
        this.clock = clock;
    }

    @Override
    public String name() {
        return "rebuild-ledger";
    }

    @Override
    public Lane lane() {
        return Lane.UPKEEP;
    }

    @Override
    public Collection<UUID> unordered() {
        return rebuilds.unfinished();
    }

    Optional<LedgerRebuild> of(UUID teamId) {
        return rebuilds.findById(teamId);
    }

    /** Begins. @throws Refusal where it is under way */
    LedgerRebuild begin(UUID teamId) {
        return transaction.execute(t -> {
            rebuilds.findById(teamId).ifPresent(before -> {
                if (before.endedAt() == null) {
                    throw Refusal.conflict("The ledger is being rebuilt already.");
                }
                rebuilds.delete(before);
                rebuilds.flush();
            });
            LedgerRebuild begun = rebuilds.save(new LedgerRebuild(teamId, folios.count(teamId), clock.instant()));
            jobs.order(this, teamId);
            return begun;
        });
    }

    @Override
    public void carryOut(UUID teamId) {
        boolean more = true;
        while (more && !Thread.currentThread().isInterrupted()) {
            more = Boolean.TRUE.equals(transaction.execute(t -> step(teamId)));
        }
    }

    /** Goes through the next folio, or ends; whether there is more. */
    private boolean step(UUID teamId) {
        LedgerRebuild rebuild = rebuilds.findById(teamId).orElseThrow();
        if (rebuild.endedAt() != null) {
            return false;
        }
        Optional<Minutes> next = folios.after(teamId, rebuild.reached());
        if (next.isEmpty()) {
            projections.all().forEach(p -> p.tidy(teamId));
            rebuilds.findById(teamId).orElseThrow().end(clock.instant());
            return false;
        }
        projections.all().forEach(p -> p.rebuild(next.get()));
        rebuild.wentThrough(next.get().folio());
        return true;
    }
}
