package org.ledgerlamp.server.jobs;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.SchedulerClient;
import com.github.kagkarlsson.scheduler.jdbc.JdbcCustomization;
import com.github.kagkarlsson.scheduler.jdbc.MariaDBJdbcCustomization;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.TaskInstance;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.time.Instant;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executors;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.ForkJoinTask;
import javax.sql.DataSource;
import org.ledgerlamp.server.common.PatientThreads;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.TransactionAwareDataSourceProxy;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Takes orders for jobs and has them carried out. An order is part of the transaction it is given in: it stands when that
 * commits, and only then.
 */
@Component
public class Jobs {
    private static final JdbcCustomization IN_UTC = new MariaDBJdbcCustomization(true);
    private static final Duration BETWEEN_LOOKS = Duration.ofSeconds(2);
    private static final Duration HEARTBEAT = Duration.ofSeconds(5);
    private static final int MISSED_HEARTBEATS = 4;
    private static final Duration FIRST_PAUSE = Duration.ofSeconds(2);
    private static final double LONGER_EACH_TIME = 1.7;
    private static final Duration LONGEST_PAUSE = Duration.ofSeconds(15);
    private static final Duration BEFORE_STOPPING = Duration.ofSeconds(2);

    private final DataSource database;
    private final ObjectProvider<Job> kinds;
    private final Map<Lane, SchedulerClient> orders = new EnumMap<>(Lane.class);
    private final Map<Lane, Scheduler> running = new EnumMap<>(Lane.class);
    private final Set<String> underWay = ConcurrentHashMap.newKeySet();
    private final Map<Lane, ForkJoinPool> threads = new ConcurrentHashMap<>();

    Jobs(DataSource database, ObjectProvider<Job> kinds) {
        this.database = database;
        this.kinds = kinds;
        DataSource ofTheTransaction = new TransactionAwareDataSourceProxy(database);
        for (Lane lane : Lane.values()) {
            orders.put(
                    lane,
                    SchedulerClient.Builder.create(ofTheTransaction)
                            .tableName(lane.table())
                            .jdbcCustomization(IN_UTC)
                            .build());
        }
    }

    /** Orders a job; it begins as soon as the transaction commits and its lane is free. */
    public void order(Job job, UUID subject) {
        order(job, subject, Instant.now());
    }

    /** Orders a job for later. */
    public void order(Job job, UUID subject, Instant at) {
        orders.get(job.lane())
                .scheduleIfNotExists(new TaskInstance<>(job.name(), subject + "/" + UUID.randomUUID()), at);
        if (at.isAfter(Instant.now())) {
            return; // found when its time has come
        }
        if (TransactionSynchronizationManager.isSynchronizationActive()) {
            TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
                @Override
                public void afterCommit() {
                    look(job.lane());
                }
            });
        } else {
            look(job.lane());
        }
    }

    /** Orders a job unless it waits to be done, or is being done. */
    public void orderOnce(Job job, UUID subject) {
        if (!isOrdered(job, subject)) {
            order(job, subject);
        }
    }

    private boolean isOrdered(Job job, UUID subject) {
        return !new JdbcTemplate(database)
                .queryForList(
                        "select 1 from " + job.lane().table() + " where task_name = ? and task_instance like ?",
                        job.name(),
                        subject + "/%")
                .isEmpty();
    }

    private synchronized void look(Lane lane) {
        Scheduler scheduler = running.get(lane);
        if (scheduler != null) {
            scheduler.triggerCheckForDueExecutions();
        }
    }

    /** Begins with what was left. Whoever had claimed any of it before is gone: a data folder has one server. */
    @EventListener(ApplicationReadyEvent.class)
    @Order(Ordered.HIGHEST_PRECEDENCE)
    synchronized void begin() {
        List<Job> all = kinds.stream().toList();
        for (Lane lane : Lane.values()) {
            new JdbcTemplate(database)
                    .update("update " + lane.table() + " set picked = false, picked_by = null, last_heartbeat = null,"
                            + " version = version + 1 where picked");
            List<Task<?>> tasks = all.stream()
                    .filter(j -> j.lane() == lane)
                    .<Task<?>>map(this::task)
                    .toList();
            String name = "job-" + lane.name().toLowerCase(Locale.ROOT);
            threads.put(lane, PatientThreads.pool(name, Runtime.getRuntime().availableProcessors()));
            Scheduler scheduler = Scheduler.create(database, tasks)
                    .tableName(lane.table())
                    .threads(lane.atOnce())
                    .pollingInterval(BETWEEN_LOOKS)
                    .heartbeatInterval(HEARTBEAT)
                    .missedHeartbeatsLimit(MISSED_HEARTBEATS)
                    .shutdownMaxWait(BEFORE_STOPPING)
                    .jdbcCustomization(IN_UTC)
                    .build();
            scheduler.start();
            running.put(lane, scheduler);
        }
    }

    /** Orders whatever waits without an order. */
    @EventListener(ApplicationReadyEvent.class)
    @Order(Ordered.LOWEST_PRECEDENCE)
    void takeUp() {
        kinds.forEach(job -> job.unordered().forEach(id -> orderOnce(job, id)));
    }

    private Task<Void> task(Job job) {
        return Tasks.oneTime(job.name())
                .onFailure((failed, orders) ->
                        orders.reschedule(failed, Instant.now().plus(pause(failed.getExecution().consecutiveFailures))))
                .onDeadExecutionRevive()
                .execute((order, context) -> carryOut(job, order.getId()));
    }

    private static Duration pause(int failures) {
        double seconds = FIRST_PAUSE.toSeconds() * Math.pow(LONGER_EACH_TIME, failures);
        return Duration.ofMillis((long) (1000 * Math.min(LONGEST_PAUSE.toSeconds(), seconds)));
    }

    /**
     * While the database is away, what is under way cannot say that it lives, and is claimed once more afterwards: it must
     * not be done twice at once.
     */
    private void carryOut(Job job, String order) {
        if (!underWay.add(order)) {
            throw new IllegalStateException(order + " is still being done");
        }
        try {
            patiently(job.lane(), () -> job.carryOut(UUID.fromString(order.replaceFirst("/.*", ""))));
        } finally {
            underWay.remove(order);
        }
    }

    /** A job may use all processors, as long as nobody else wants them. */
    private void patiently(Lane lane, Runnable work) {
        ForkJoinTask<?> task = ForkJoinTask.adaptInterruptible(Executors.callable(work));
        threads.get(lane).execute(task);
        try {
            task.get();
        } catch (ExecutionException e) {
            if (e.getCause() instanceof RuntimeException cause) {
                throw cause;
            }
            throw new IllegalStateException(e.getCause());
        } catch (InterruptedException e) {
            task.cancel(true);
            Thread.currentThread().interrupt();
            throw new IllegalStateException("broken off; it is begun again later", e);
        }
    }

    @PreDestroy
    synchronized void stop() {
        running.values().forEach(Scheduler::stop);
        running.clear();
        threads.values().forEach(ForkJoinPool::shutdownNow);
    }
}
