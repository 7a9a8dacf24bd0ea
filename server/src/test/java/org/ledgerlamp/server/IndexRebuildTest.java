package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManager;
import org.awaitility.Awaitility;
import org.hibernate.search.mapper.orm.Search;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.ApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.util.ReflectionTestUtils;
import org.springframework.transaction.support.TransactionTemplate;

/** The search index is rebuilt while it answers, survives an interruption, and comes back when it was lost. */
class IndexRebuildTest extends WithTwoFolios {
    @Autowired
    private EntityManager entities;

    @Autowired
    private TransactionTemplate transaction;

    @Autowired
    private JdbcTemplate database;

    @Autowired
    private ApplicationContext context;

    private long found() throws Exception {
        return desk.read("/api/lamp?q=bollards").at("/total").asLong();
    }

    private boolean isDone() throws Exception {
        Desk.Answer state = desk.read("/api/search-index");
        return !state.at("/rebuild/endedAt").isNull()
                && state.at("/rebuild/waiting").asInt() == 0;
    }

    private void waitUntilWritten() {
        Awaitility.await().until(this::isDone);
    }

    @Test
    void it_answers_as_before_while_it_is_rebuilt_and_after() throws Exception {
        Awaitility.await().until(() -> found() > 0);
        long before = found();

        assertThat(desk.create("/api/search-index/rebuild", "").status()).isEqualTo(202);
        assertThat(found()).isEqualTo(before);

        waitUntilWritten();
        assertThat(found()).isEqualTo(before);
        Desk.Answer state = desk.read("/api/search-index");
        assertThat(state.at("/rebuild/written").asLong())
                .isPositive()
                .isEqualTo(state.at("/rebuild/total").asLong());
    }

    @Test
    void one_that_was_interrupted_goes_on_at_the_next_start() throws Exception {
        desk.create("/api/search-index/rebuild", "");
        waitUntilWritten();
        database.update(
                "update index_rebuild set part = 2, after_id = null, ended_at = null, written = 1 where id = 1");

        ReflectionTestUtils.invokeMethod(context.getBean("indexRebuild"), "takeUp");

        waitUntilWritten();
        assertThat(database.queryForObject("select part from index_rebuild where id = 1", Integer.class))
                .isEqualTo(3);
    }

    @Test
    void an_index_that_was_lost_from_the_disk_comes_back_by_itself() throws Exception {
        Awaitility.await().until(() -> found() > 0);
        waitForOutbox();
        transaction.executeWithoutResult(
                t -> Search.session(entities).scope(Object.class).workspace().purge());
        Awaitility.await().until(() -> found() == 0);

        ReflectionTestUtils.invokeMethod(context.getBean("indexRebuild"), "takeUp");

        Awaitility.await().until(() -> found() > 0);
    }

    private void waitForOutbox() {
        Awaitility.await()
                .until(() -> database.queryForObject("select count(*) from hsearch_outbox_event", Long.class) == 0);
    }
}
