package org.ledgerlamp.server.tray;

import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Duration;
import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.ledgerlamp.core.source.Limits;
import org.ledgerlamp.core.source.Problem;
import org.ledgerlamp.core.source.Source;
import org.ledgerlamp.core.source.SourceDesk;
import org.ledgerlamp.core.source.UnreadableSource;
import org.ledgerlamp.server.common.PatientThreads;
import org.ledgerlamp.server.jobs.Job;
import org.ledgerlamp.server.jobs.Jobs;
import org.ledgerlamp.server.jobs.Lane;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Reads sources, some at once and the others in their turn, with no transaction open meanwhile. Whoever brings one reads it
 * at once; the order that is kept with its bytes sees to it that it is read also where that came to nothing.
 */
@Component
class SourceReading implements Job {
    private static final Logger LOG = LoggerFactory.getLogger(SourceReading.class);
    private static final Duration UNTIL_LOOKED_AFTER = Duration.ofSeconds(30);
    private static final int AT_ONCE = 2;

    private final SourceFiles files;
    private final SourceOriginals originals;
    private final PassageStore passages;
    private final Jobs jobs;
    private final TransactionTemplate transaction;
    private final Clock clock;
    private final Semaphore free = new Semaphore(AT_ONCE, true);
    private final ExecutorService workers = PatientThreads.pool("reading", AT_ONCE);
    /** What is being read just now, and how many hundredths of it are written. */
    private final Map<UUID, Integer> underWay = new ConcurrentHashMap<>();

    SourceReading(
            SourceFiles files,
            SourceOriginals originals,
            PassageStore passages,
            Jobs jobs,
            TransactionTemplate transaction,
            Clock clock) {
        this.files = files;
        this.originals = originals;
        this.passages = passages;
        this.jobs = jobs;
        this.transaction = transaction;
        this.clock = clock;
    }

    @PreDestroy
    void close() {
        workers.shutdownNow();
    }

    @Override
    public String name() {
        return "read";
    }

    @Override
    public Lane lane() {
        return Lane.READING;
    }

    @Override
    public Collection<UUID> unordered() {
        return files.idsOf(SourceFile.State.KEPT);
    }

    /** Has a source read, if nobody did so by then. */
    void order(UUID id) {
        jobs.order(this, id, clock.instant().plus(UNTIL_LOOKED_AFTER));
    }

    /** How many hundredths of a source are read; empty where it is not being read just now. */
    Optional<Integer> progress(UUID id) {
        return Optional.ofNullable(underWay.get(id));
    }

    /**
     * Begins to read a source.
     *
     * @param patience how long to wait until it is read
     */
    void begin(UUID id, Duration patience) {
        CompletableFuture<Void> read = CompletableFuture.runAsync(() -> carryOut(id), workers);
        try {
            read.get(patience.toMillis(), TimeUnit.MILLISECONDS);
        } catch (TimeoutException goesOn) {
            LOG.debug("source {} takes longer", id);
        } catch (ExecutionException e) {
            LOG.error("source {} was not read; it is tried again", id, e.getCause());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public void carryOut(UUID id) {
        if (underWay.putIfAbsent(id, 0) != null) {
            return;
        }
        free.acquireUninterruptibly();
        try {
            files.findById(id).filter(f -> f.state() == SourceFile.State.KEPT).ifPresent(this::read);
        } finally {
            free.release();
            underWay.remove(id);
        }
    }

    private void read(SourceFile kept) {
        byte[] bytes = originals.bytes(kept.id()).orElseThrow();
        try {
            Source source = parsed(kept, bytes);
            transaction.executeWithoutResult(
                    t -> write(files.findById(kept.id()).orElseThrow(), source));
        } catch (UnreadableSource e) {
            broken(kept.id(), e.problem());
        }
    }

    /** Reads what was typed here and is short, within the transaction that keeps it. */
    void readTyped(SourceFile file, byte[] bytes) {
        try {
            write(file, parsed(file, bytes));
        } catch (UnreadableSource e) {
            file.broken(e.problem());
        }
        files.saveAndFlush(file);
    }

    private static Source parsed(SourceFile file, byte[] bytes) throws UnreadableSource {
        SourceDesk desk = new SourceDesk(Limits.DEFAULT, file.readBy());
        return file.isReadAsNotes() ? desk.readNotes(bytes) : desk.read(bytes);
    }

    private void write(SourceFile file, Source source) {
        file.read(source);
        files.saveAndFlush(file);
        passages.write(
                file,
                source,
                done -> underWay.computeIfPresent(
                        file.id(),
                        (id, before) -> 100 * done / source.utterances().size()));
    }

    private void broken(UUID id, Problem problem) {
        transaction.executeWithoutResult(t -> files.findById(id).orElseThrow().broken(problem));
    }
}
