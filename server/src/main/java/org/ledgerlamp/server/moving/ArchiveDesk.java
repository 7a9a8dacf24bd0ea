package org.ledgerlamp.server.moving;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.UUID;
import java.util.function.Consumer;
import org.ledgerlamp.server.access.Auditor;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.AuditKind;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.common.Secrets;
import org.ledgerlamp.server.jobs.Job;
import org.ledgerlamp.server.jobs.Jobs;
import org.ledgerlamp.server.jobs.Lane;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Takes orders for a team's archive, makes it, reads it back for a trial, hands it out, and deletes it after some days. */
@Component
class ArchiveDesk implements Job {
    /** How long an archive lies on the server. */
    static final Duration KEPT = Duration.ofDays(3);

    private static final Logger LOG = LoggerFactory.getLogger(ArchiveDesk.class);
    private static final DateTimeFormatter IN_NAMES =
            DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss").withZone(ZoneOffset.UTC);

    private final OrderedArchives orders;
    private final MoveOut moveOut;
    private final Secrets secrets;
    private final Auditor auditor;
    private final Jobs jobs;
    private final TransactionTemplate transaction;
    private final Clock clock;
    private final Path data;
    private final Path folder;

    ArchiveDesk(
            OrderedArchives orders,
            MoveOut moveOut,
            Secrets secrets,
            Auditor auditor,
            Jobs jobs,
            TransactionTemplate transaction,
            Clock clock,
            @Value("${lamp.data}") Path data) {
        this.orders = orders;
        this.moveOut = moveOut;
        this.secrets = secrets;
        this.auditor = auditor;
        this.jobs = jobs;
        this.transaction = transaction;
        this.clock = clock;
        this.data = data;
        this.folder = data.resolve("archives");
    }

    @Override
    public String name() {
        return "team-archive";
    }

    @Override
    public Lane lane() {
        return Lane.BACKUP;
    }

    List<OrderedArchive> of(UUID teamId) {
        return orders.findByTeamIdOrderByOrderedAtDesc(teamId);
    }

    OrderedArchive order(SignedIn who, String passphrase) {
        return transaction.execute(t -> {
            if (orders.existsByTeamIdAndFinishedAtIsNull(who.teamId())) {
                throw Refusal.conflict("An archive is being made already.");
            }
            OrderedArchive order = orders.save(
                    new OrderedArchive(who.teamId(), who.name(), secrets.hidden(passphrase), clock.instant()));
            jobs.order(this, order.id());
            auditor.note(who, AuditKind.TEAM_ARCHIVE_ORDERED, "");
            return order;
        });
    }

    /** The file of an archive that was made. */
    Path file(SignedIn who, UUID id) {
        String name = one(who, id).file();
        if (name == null) {
            throw Refusal.notFound("archive");
        }
        auditor.note(who, AuditKind.TEAM_ARCHIVE_DOWNLOADED, name);
        return folder.resolve(name);
    }

    /** Deletes an archive before its time. */
    void delete(SignedIn who, UUID id) {
        OrderedArchive order = one(who, id);
        if (order.finishedAt() == null) {
            throw Refusal.conflict("This archive is still being made.");
        }
        forget(order);
    }

    private OrderedArchive one(SignedIn who, UUID id) {
        return orders.findByIdAndTeamId(id, who.teamId()).orElseThrow(() -> Refusal.notFound("archive"));
    }

    /** Makes it; and comes by once more when it was kept long enough. */
    @Override
    public void carryOut(UUID id) {
        OrderedArchive order = orders.findById(id).orElse(null);
        if (order == null) {
            return; // deleted before its time
        }
        byte[] hidden = order.passphrase();
        if (hidden == null) {
            forget(order);
            return;
        }
        try {
            String name = IN_NAMES.format(clock.instant()) + "-" + id + TeamArchive.ENDING;
            Path file = make(order.teamId(), name, secrets.told(hidden).toCharArray());
            long bytes = Files.size(file);
            finish(id, o -> o.made(name, bytes, clock.instant()));
        } catch (IOException e) {
            LOG.error("a team archive was not made", e);
            finish(id, o -> o.failed(e.getMessage(), clock.instant()));
        }
    }

    private void finish(UUID id, Consumer<OrderedArchive> how) {
        Instant until = clock.instant().plus(KEPT);
        transaction.executeWithoutResult(t -> {
            how.accept(orders.findById(id).orElseThrow());
            jobs.order(this, id, until);
        });
    }

    private Path make(UUID teamId, String name, char[] key) throws IOException {
        Files.createDirectories(folder);
        Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwx------"));
        Path unfinished = folder.resolve("unfinished" + TeamArchive.ENDING);
        try {
            moveOut.write(teamId, unfinished, key);
            Unpacked.of(data.resolve("trial-of-archive"), unfinished, key).close();
            return Files.move(unfinished, folder.resolve(name), StandardCopyOption.ATOMIC_MOVE);
        } finally {
            Files.deleteIfExists(unfinished);
        }
    }

    private void forget(OrderedArchive order) {
        try {
            if (order.file() != null) {
                Files.deleteIfExists(folder.resolve(order.file()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        orders.delete(order);
    }
}
