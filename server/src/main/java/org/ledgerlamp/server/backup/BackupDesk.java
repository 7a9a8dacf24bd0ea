package org.ledgerlamp.server.backup;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.UUID;
import java.util.function.Consumer;
import org.ledgerlamp.server.jobs.Job;
import org.ledgerlamp.server.jobs.Jobs;
import org.ledgerlamp.server.jobs.Lane;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.context.properties.EnableConfigurationProperties;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Orders a backup for every night, takes orders for others, and throws away what was kept long enough. */
@Component
@EnableConfigurationProperties(BackupSettings.class)
class BackupDesk implements Job {
    private static final Logger LOG = LoggerFactory.getLogger(BackupDesk.class);
    private static final DateTimeFormatter IN_NAMES = DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss");

    private final Backups backups;
    private final BackupMaker maker;
    private final BackupSettings settings;
    private final Jobs jobs;
    private final TransactionTemplate transaction;
    private final Clock clock;
    private final Path folder;

    BackupDesk(
            Backups backups,
            BackupMaker maker,
            BackupSettings settings,
            Jobs jobs,
            TransactionTemplate transaction,
            Clock clock,
            @Value("${lamp.data}") Path data) {
        this.backups = backups;
        this.maker = maker;
        this.settings = settings;
        this.jobs = jobs;
        this.transaction = transaction;
        this.clock = clock;
        this.folder = settings.folder() == null ? data.resolve("backups") : settings.folder();
    }

    /** Where they lie. */
    Path folder() {
        return folder;
    }

    @Override
    public String name() {
        return "backup";
    }

    @Override
    public Lane lane() {
        return Lane.BACKUP;
    }

    /** One that was missed is made now; one for later is ordered anew, for the time of night may have been changed. */
    @EventListener(ApplicationReadyEvent.class)
    void orderNightly() {
        Instant now = clock.instant();
        transaction.executeWithoutResult(t -> {
            List<Backup> ordered = backups.findByNightlyTrueAndFinishedAtIsNull();
            Instant next = next(now);
            if (ordered.stream().noneMatch(b -> b.due().isBefore(now) || b.due().equals(next))) {
                backups.deleteAll(ordered);
                order(new Backup(true, next));
            }
        });
    }

    private Instant next(Instant now) {
        ZonedDateTime today =
                ZonedDateTime.ofInstant(now, ZoneId.systemDefault()).with(settings.at());
        return (today.toInstant().isAfter(now) ? today : today.plusDays(1)).toInstant();
    }

    /** Orders one that is made at once. */
    Backup orderNow() {
        return transaction.execute(t -> order(new Backup(false, clock.instant())));
    }

    private Backup order(Backup backup) {
        Backup kept = backups.save(backup);
        jobs.order(this, kept.id(), kept.due());
        return kept;
    }

    @Override
    public void carryOut(UUID id) {
        Backup backup = backups.findById(id).orElse(null);
        if (backup == null || backup.finishedAt() != null) {
            return; // ordered for another time since, or made
        }
        try {
            String name = "ledger-lamp-"
                    + IN_NAMES.format(ZonedDateTime.ofInstant(clock.instant(), ZoneId.systemDefault()))
                    + BackupFile.ending(settings.isEncrypted());
            Path file = folder.resolve(name);
            maker.make(file, settings.key());
            long bytes = Files.size(file);
            finish(id, b -> b.made(name, bytes, settings.isEncrypted(), clock.instant()));
            throwAway();
        } catch (IOException e) {
            LOG.error("a backup was not made", e);
            finish(id, b -> b.failed(e.getMessage(), clock.instant()));
        }
        if (backup.isNightly()) {
            orderNightly();
        }
    }

    private void finish(UUID id, Consumer<Backup> how) {
        transaction.executeWithoutResult(t -> how.accept(backups.findById(id).orElseThrow()));
    }

    /** Whatever was kept long enough, but never the latest that can be relied on. */
    private void throwAway() throws IOException {
        UUID latest = backups.findByTriedTrueOrderByFinishedAtDesc(Limit.of(1)).stream()
                .map(Backup::id)
                .findFirst()
                .orElse(null);
        Instant keptUntil = clock.instant().minus(Duration.ofDays(settings.keepDays()));
        for (Backup old : backups.findByFinishedAtBeforeOrderByFinishedAtDesc(keptUntil)) {
            if (!old.id().equals(latest)) {
                if (old.file() != null) {
                    Files.deleteIfExists(folder.resolve(old.file()));
                }
                backups.delete(old);
            }
        }
    }
}
