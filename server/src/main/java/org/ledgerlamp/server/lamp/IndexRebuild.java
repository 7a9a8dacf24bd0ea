package org.ledgerlamp.server.lamp;

import jakarta.persistence.EntityManager;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.hibernate.search.mapper.orm.Search;
import org.hibernate.search.mapper.orm.session.SearchSession;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.common.TeamOwned;
import org.ledgerlamp.server.jobs.Job;
import org.ledgerlamp.server.jobs.Jobs;
import org.ledgerlamp.server.jobs.Lane;
import org.ledgerlamp.server.minutes.MinutesLine;
import org.ledgerlamp.server.references.ReferenceLine;
import org.ledgerlamp.server.tray.Passage;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Writes the whole search index anew, in the background. Every document is replaced by itself, by way of the outbox, so that
 * the index answers as before meanwhile and nothing that changes is missed. How far it came is kept: a rebuild that the
 * server did not survive is gone on with. It is also how an index comes back that was lost from the disk.
 */
@Component
class IndexRebuild implements Job {
    private static final Logger LOG = LoggerFactory.getLogger(IndexRebuild.class);
    private static final List<Class<? extends TeamOwned>> PARTS =
            List.of(MinutesLine.class, ReferenceLine.class, Passage.class);
    /** Raised whenever documents come to hold something else: an index that was written before is then rebuilt. */
    private static final int SHAPE = 2;

    private static final int AT_ONCE = 500;
    /** So many changes may wait to be written before more are added: what people change waits behind them. */
    private static final int MOST_WAITING = 2000;

    private static final int LOOK_AGAIN_MS = 100;

    /** There is one index. */
    private static final UUID THE_INDEX = new UUID(0, 0);

    private final EntityManager entities;
    private final JdbcTemplate database;
    private final TransactionTemplate transaction;
    private final Clock clock;
    private final Jobs jobs;

    IndexRebuild(
            EntityManager entities, JdbcTemplate database, TransactionTemplate transaction, Clock clock, Jobs jobs) {
        this.jobs = jobs;
        this.entities = entities;
        this.database = database;
        this.transaction = transaction;
        this.clock = clock;
    }

    /**
     * How far it has come.
     *
     * @param written documents handed on to be written
     * @param waiting changes that wait to be written, a rebuild's and people's
     * @param endedAt when all were handed on, or null while that goes on
     */
    record RebuildProgress(long written, long total, long waiting, Instant begunAt, @Nullable Instant endedAt) {}

    @Override
    public String name() {
        return "rebuild-index";
    }

    @Override
    public Lane lane() {
        return Lane.UPKEEP;
    }

    @EventListener(ApplicationReadyEvent.class)
    @Order(Ordered.LOWEST_PRECEDENCE)
    void takeUp() {
        RebuildProgress last = progress();
        if (last != null && last.endedAt() == null) {
            jobs.orderOnce(this, THE_INDEX);
        } else if (isRecorded() && (isLost() || !isOfThisShape())) {
            LOG.warn("the search index is empty, or of an earlier version: it is rebuilt");
            begin();
        }
        database.update("replace into index_shape (id, shape) values (1, ?)", SHAPE);
    }

    /** Begins anew, unless it is under way. */
    void begin() {
        RebuildProgress last = progress();
        if (last != null && last.endedAt() == null) {
            jobs.orderOnce(this, THE_INDEX);
            return;
        }
        long total = PARTS.stream().mapToLong(this::count).sum();
        transaction.executeWithoutResult(t -> {
            database.update(
                    "replace into index_rebuild (id, part, after_id, written, total, begun_at, ended_at)"
                            + " values (1, 0, null, 0, ?, ?, null)",
                    total,
                    Timestamp.from(clock.instant()));
            jobs.order(this, THE_INDEX);
        });
    }

    /** How far the one under way has come, or the last one; null where there was none yet. */
    @Nullable
    RebuildProgress progress() {
        return database
                .query(
                        "select written, total, begun_at, ended_at from index_rebuild where id = 1",
                        (row, n) -> new RebuildProgress(
                                row.getLong(1),
                                row.getLong(2),
                                waiting(),
                                row.getTimestamp(3).toInstant(),
                                row.getTimestamp(4) == null
                                        ? null
                                        : row.getTimestamp(4).toInstant()))
                .stream()
                .findFirst()
                .orElse(null);
    }

    private long waiting() {
        Long waiting = database.queryForObject("select count(*) from hsearch_outbox_event", Long.class);
        return waiting == null ? 0 : waiting;
    }

    private long count(Class<? extends TeamOwned> part) {
        return entities.createQuery("select count(e) from " + part.getSimpleName() + " e", Long.class)
                .getSingleResult();
    }

    private boolean isRecorded() {
        return !entities.createQuery("select l.id from MinutesLine l where l.folio is not null", UUID.class)
                .setMaxResults(1)
                .getResultList()
                .isEmpty();
    }

    /** Whether there is not one document of a line. */
    private boolean isLost() {
        return waiting() == 0
                && Boolean.TRUE.equals(transaction.execute(t -> Search.session(entities)
                                .search(MinutesLine.class)
                                .where(f -> f.matchAll())
                                .fetchTotalHitCount()
                        == 0));
    }

    /** Whether the index holds what this version looks for. */
    private boolean isOfThisShape() {
        return database.queryForList("select shape from index_shape where id = 1", Integer.class)
                .equals(List.of(SHAPE));
    }

    @Override
    public void carryOut(UUID theIndex) {
        try {
            boolean more = true;
            while (more) {
                while (waiting() > MOST_WAITING) {
                    TimeUnit.MILLISECONDS.sleep(LOOK_AGAIN_MS);
                }
                more = Boolean.TRUE.equals(transaction.execute(t -> handOn()));
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("broken off; it is gone on with later", e);
        }
    }

    /** Hands some documents on to be written, and remembers up to where; whether there are more. */
    private boolean handOn() {
        Integer part = database.queryForObject("select part from index_rebuild where id = 1", Integer.class);
        if (part == null || part >= PARTS.size()) {
            database.update("update index_rebuild set ended_at = ? where id = 1", Timestamp.from(clock.instant()));
            return false;
        }
        UUID after = database.query(
                        "select after_id from index_rebuild where id = 1", (row, n) -> row.getObject(1, UUID.class))
                .getFirst();
        List<? extends TeamOwned> some = after(PARTS.get(part), after);
        SearchSession session = Search.session(entities);
        some.forEach(e -> session.indexingPlan().addOrUpdate(e));
        if (some.isEmpty()) {
            database.update("update index_rebuild set part = part + 1, after_id = null where id = 1");
        } else {
            database.update(
                    "update index_rebuild set after_id = ?, written = written + ? where id = 1",
                    some.getLast().id(),
                    some.size());
        }
        return true;
    }

    private <E extends TeamOwned> List<E> after(Class<E> part, @Nullable UUID id) {
        String from = "select e from " + part.getSimpleName() + " e ";
        return id == null
                ? entities.createQuery(from + "order by e.id", part)
                        .setMaxResults(AT_ONCE)
                        .getResultList()
                : entities.createQuery(from + "where e.id > :id order by e.id", part)
                        .setParameter("id", id)
                        .setMaxResults(AT_ONCE)
                        .getResultList();
    }
}
