package org.ledgerlamp.server.imports;

import java.util.Collection;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.jobs.Job;
import org.ledgerlamp.server.jobs.Jobs;
import org.ledgerlamp.server.jobs.Lane;
import org.ledgerlamp.server.jobs.Setback;
import org.ledgerlamp.server.live.Changed;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Works through imports in the background, file by file. How far each has come is kept with its files: what was under way
 * when server or database died goes on by itself.
 */
@Component
class ImportDesk implements Job {
    private static final Logger LOG = LoggerFactory.getLogger(ImportDesk.class);
    private static final Set<ItemState> TO_DO = EnumSet.of(ItemState.WAITING, ItemState.PLACED);

    private final ImportRuns runs;
    private final ImportItems items;
    private final ImportStep step;
    private final AccessService access;
    private final Jobs jobs;
    private final TransactionTemplate transaction;
    private final ApplicationEventPublisher events;

    ImportDesk(
            ImportRuns runs,
            ImportItems items,
            ImportStep step,
            AccessService access,
            Jobs jobs,
            TransactionTemplate transaction,
            ApplicationEventPublisher events) {
        this.runs = runs;
        this.items = items;
        this.step = step;
        this.access = access;
        this.jobs = jobs;
        this.transaction = transaction;
        this.events = events;
    }

    @Override
    public String name() {
        return "import";
    }

    @Override
    public Lane lane() {
        return Lane.IMPORTING;
    }

    @Override
    public Collection<UUID> unordered() {
        return runs.findByStateOrderByStartedAt(ImportState.RUNNING).stream()
                .map(ImportRun::id)
                .toList();
    }

    /** Begins an import, or goes on with one that was paused. */
    void start(ImportRun run) {
        if (run.state() == ImportState.RUNNING) {
            return;
        }
        transaction.executeWithoutResult(t -> {
            enter(run.id(), ImportState.RUNNING);
            jobs.order(this, run.id());
        });
    }

    /** Stops after the file that is under way. */
    void pause(ImportRun run) {
        if (run.state() != ImportState.RUNNING) {
            throw Refusal.conflict("This import is not running.");
        }
        enter(run.id(), ImportState.PAUSED);
    }

    @Override
    public void carryOut(UUID id) {
        ImportRun run = runs.findById(id).orElseThrow();
        Optional<SignedIn> member = access.inNameOf(run.teamId(), run.memberId());
        if (member.isEmpty()) {
            enter(id, ImportState.PAUSED);
            return;
        }
        SignedIn who = member.get();
        while (!Thread.currentThread().isInterrupted()
                && runs.findById(id).orElseThrow().state() == ImportState.RUNNING) {
            Optional<ImportItem> next = items.findFirstByRunIdAndStateInOrderByN(id, TO_DO);
            if (next.isEmpty()) {
                enter(id, ImportState.DONE);
                return;
            }
            take(who, next.get());
            tell(run);
        }
        if (Thread.currentThread().isInterrupted()) {
            throw new IllegalStateException("import " + id + " was broken off; it goes on later");
        }
    }

    /** A file that the program itself stumbles over must not stop the others. */
    private void take(SignedIn who, ImportItem item) {
        try {
            step.take(who, item);
        } catch (RuntimeException e) {
            if (Setback.willPass(e) || Thread.currentThread().isInterrupted()) {
                throw e;
            }
            LOG.error("importing {} failed", item.path(), e);
            transaction.executeWithoutResult(t -> items.findById(item.id())
                    .orElseThrow()
                    .failed("The program failed on this file: " + e.getMessage() + " The file is kept here."));
        }
    }

    private void enter(UUID id, ImportState state) {
        transaction.executeWithoutResult(t -> {
            ImportRun run = runs.findById(id).orElseThrow();
            run.enter(state);
            tell(run);
        });
    }

    private void tell(ImportRun run) {
        events.publishEvent(new Changed(run.teamId(), "imports", Map.of("id", run.id())));
    }
}
