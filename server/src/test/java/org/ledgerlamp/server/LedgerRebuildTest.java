package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.ApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.util.ReflectionTestUtils;

/** Whatever is kept of folios elsewhere follows from them, and is made anew where it went astray. */
class LedgerRebuildTest extends WithTwoFolios {
    private static final List<String> KEPT =
            List.of("register_entry", "folio_card", "folio_facet", "facet_count", "line_subject", "citation");

    @Autowired
    private JdbcTemplate database;

    @Autowired
    private ApplicationContext context;

    @BeforeEach
    void waitUntilLinkedAndCite() throws Exception {
        Awaitility.await()
                .until(() -> database.queryForObject(
                                "select count(*) from minutes where team_id = ? and not linked",
                                Integer.class,
                                desk.who().teamId())
                        == 0);
        change(line("ACTION"), facts("ACTION", "Tom Reyes to paint the bollards, see 1.1.", null, "INK"));
        assertThat(kept().get("citation")).hasSize(1);
    }

    /** All rows of a table, but for what is counted as nothing and for ids that mean nothing. */
    private Map<String, List<String>> kept() {
        Map<String, List<String>> kept = new TreeMap<>();
        for (String table : KEPT) {
            List<String> rows = new ArrayList<>();
            for (Map<String, Object> row : database.queryForList(
                    "select * from " + table + " where team_id = ?"
                            + (table.equals("facet_count") ? " and folios > 0" : ""),
                    desk.who().teamId())) {
                if (table.equals("citation")) {
                    row.remove("id");
                }
                rows.add(new TreeMap<>(row).toString());
            }
            rows.sort(null);
            kept.put(table, rows);
        }
        return kept;
    }

    private void rebuild() throws Exception {
        assertThat(desk.create("/api/ledger-rebuild", "").status()).isEqualTo(202);
        Awaitility.await().atMost(Duration.ofSeconds(60)).until(() -> !desk.read("/api/ledger-rebuild")
                .at("/rebuild/endedAt")
                .isNull());
    }

    @Test
    void what_is_right_stays_as_it_is() throws Exception {
        Map<String, List<String>> before = kept();

        rebuild();

        assertThat(kept()).isEqualTo(before);
        assertThat(desk.read("/api/ledger-rebuild").at("/rebuild/done").asInt()).isEqualTo(2);
        assertThat(desk.read("/api/ledger-rebuild").at("/rebuild/folios").asInt())
                .isEqualTo(2);
    }

    @Test
    void one_without_an_order_as_of_a_team_that_moved_here_goes_on_at_the_start() throws Exception {
        database.update(
                "insert into ledger_rebuild (team_id, reached, done, folios, begun_at) values (?, 1, 1, 2, now())",
                desk.who().teamId());

        ReflectionTestUtils.invokeMethod(context.getBean("jobs"), "takeUp");

        Awaitility.await().atMost(Duration.ofSeconds(60)).until(() -> !desk.read("/api/ledger-rebuild")
                .at("/rebuild/endedAt")
                .isNull());
        assertThat(desk.read("/api/ledger-rebuild").at("/rebuild/done").asInt()).isEqualTo(2);
    }

    @Test
    void what_was_lost_comes_back_and_what_belongs_to_no_folio_goes() throws Exception {
        Map<String, List<String>> before = kept();
        Object team = desk.who().teamId();
        database.update("delete from register_entry where team_id = ? limit 2", team);
        database.update("update register_entry set held_on = '2001-01-01', series = 'Nowhere' where team_id = ?", team);
        database.update("update folio_card set decisions = 99, held_on = '2001-01-01' where team_id = ?", team);
        database.update("delete from facet_count where team_id = ?", team);
        database.update("delete from line_subject where team_id = ? and kind = 'ACTION' and spoken_of = held_on", team);
        database.update("delete from citation where team_id = ?", team);
        database.update(
                "insert into citation (id, team_id, home_id, place, place_id, cited_id, cited_home, folio, number)"
                        + " values (uuid(), ?, uuid(), 'LINE', uuid(), uuid(), uuid(), 1, 1)",
                team);

        rebuild();

        assertThat(kept()).isEqualTo(before);
    }
}
