package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.ApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.util.ReflectionTestUtils;
import tools.jackson.databind.JsonNode;

/** The registers list how what was recorded stands now, wherever it was changed. */
class RegistersTest extends WithTwoFolios {
    @Autowired
    private JdbcTemplate database;

    @Autowired
    private ApplicationContext context;

    private JsonNode painting() throws Exception {
        return register("ACTION", "open=true").stream()
                .filter(e -> e.at("/folio").asInt() == 2)
                .findFirst()
                .orElseThrow();
    }

    private Desk.Answer act(JsonNode entry, String deed) throws Exception {
        return desk.create("/api/lines/{id}/acts", deed, entry.at("/lineId").asString());
    }

    @Test
    void decisions_questions_and_risks_are_listed_with_where_they_stand() throws Exception {
        assertThat(register("DECISION", "open=true"))
                .isNotEmpty()
                .allMatch(e -> e.at("/standing").asString().equals("STANDS"));
        assertThat(register("QUESTION", "open=true"))
                .singleElement()
                .satisfies(e -> assertThat(e.at("/text").asString()).contains("mobile unit"));
        assertThat(register("RISK", "open=true")).hasSize(1);
        assertThat(desk.read("/api/registers/POINT").at("/entries")).isEmpty();
    }

    @Test
    void entries_follow_where_their_meeting_goes_to_another_day_or_series() throws Exception {
        Desk.Answer meeting = desk.read("/api/folios/2");
        desk.write(
                "/api/meetings/{id}",
                meeting.at("/meeting/version").asInt(),
                """
                {"title":"Painting","date":"2026-04-14","zone":"Europe/Oslo","series":"Paint shop","agenda":[],"people":[]}
                """,
                meeting.text("/meeting/id"));

        assertThat(painting().at("/series").asString()).isEqualTo("Paint shop");
        assertThat(painting().at("/heldOn").asString()).isEqualTo("2026-04-14");
        assertThat(database.queryForList(
                        "select distinct s.series, s.held_on from line_subject s join minutes_line l on l.id = s.line_id"
                                + " where s.team_id = ? and l.folio = 2",
                        desk.who().teamId()))
                .singleElement()
                .satisfies(row -> assertThat(row.values().toString()).contains("Paint shop", "2026-04-14"));
    }

    @Test
    void an_action_is_dated_anew_handed_over_and_ticked_and_each_is_taken_back() throws Exception {
        String ana = desk.person("Nils Farrow");
        act(painting(), "{\"kind\":\"RE_DATED\",\"due\":\"2026-03-20\"}");
        assertThat(painting().at("/due").asString()).isEqualTo("2026-03-20");

        act(painting(), "{\"kind\":\"HANDED_OVER\",\"ownerId\":\"" + ana + "\"}");
        assertThat(painting().at("/ownerId").asString()).isEqualTo(ana);
        assertThat(register("ACTION", "open=true&owner=" + ana)).hasSize(1);

        desk.remove("/api/acts/{id}", painting().at("/actId").asString());
        assertThat(painting().at("/ownerId").asString()).isEqualTo(tom);
        assertThat(painting().at("/due").asString()).isEqualTo("2026-03-20");

        act(painting(), "{\"kind\":\"DONE\"}");
        assertThat(register("ACTION", "open=true"))
                .extracting(e -> e.at("/folio").asInt())
                .doesNotContain(2);
    }

    @Test
    void who_is_to_have_it_is_somebody_on_the_roster() throws Exception {
        assertThat(act(painting(), "{\"kind\":\"HANDED_OVER\"}").status()).isEqualTo(400);
        assertThat(act(painting(), "{\"kind\":\"HANDED_OVER\",\"ownerId\":\"00000000-0000-0000-0000-000000000001\"}")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void a_line_amended_reads_so_in_its_register_and_one_struck_is_gone_from_it() throws Exception {
        JsonNode line = line("ACTION");
        String text = line.at("/text").asString();
        change(line, facts("ACTION", "Tom Reyes to paint all bollards.", tom, "INK"));
        assertThat(painting().at("/text").asString())
                .isEqualTo("Tom Reyes to paint all bollards.")
                .isNotEqualTo(text);

        change(line("ACTION"), facts("ACTION", "Tom Reyes to paint all bollards.", tom, "STRUCK"));
        assertThat(register("ACTION", "open=false"))
                .extracting(e -> e.at("/folio").asInt())
                .doesNotContain(2);
    }

    @Test
    void what_is_overdue_is_counted_and_listed_by_its_day() throws Exception {
        act(painting(), "{\"kind\":\"RE_DATED\",\"due\":\"2026-01-02\"}");

        List<JsonNode> overdue = register("ACTION", "overdue=true");
        assertThat(overdue.getFirst().at("/due").asString()).isEqualTo("2026-01-02");
        JsonNode counts = desk.read("/api/registers").body();
        for (JsonNode count : counts) {
            if (count.at("/kind").asString().equals("ACTION")) {
                assertThat(count.at("/overdue").asInt()).isEqualTo(overdue.size());
            }
        }
    }

    @Test
    void what_waits_to_be_linked_without_an_order_is_linked_at_the_next_start() throws Exception {
        database.update("delete from line_link where team_id = ?", desk.who().teamId());
        database.update(
                "update minutes set linked = false where team_id = ?",
                desk.who().teamId());

        ReflectionTestUtils.invokeMethod(context.getBean("jobs"), "takeUp");

        Awaitility.await().until(() -> links(2).at("/linked").asBoolean());
        assertThat(said().at("/effect").asString()).isEqualTo("DONE");
    }

    @Test
    void what_is_shown_is_written_as_a_table_and_actions_as_tasks() throws Exception {
        act(painting(), "{\"kind\":\"RE_DATED\",\"due\":\"2026-03-20\"}");

        String table = new String(desk.bytes("/api/registers/ACTION/file?form=csv"), StandardCharsets.UTF_8);
        assertThat(table.lines().findFirst()).contains("number,text,owner,due,standing,contested,series,date");
        assertThat(table).contains(painting().at("/text").asString(), "Tom Reyes,2026-03-20,open");

        act(painting(), "{\"kind\":\"DONE\"}");
        String tasks = new String(desk.bytes("/api/registers/ACTION/file?form=ics&open=false"), StandardCharsets.UTF_8);
        assertThat(tasks).contains("BEGIN:VTODO", "DUE;VALUE=DATE:20260320", "STATUS:COMPLETED");
        assertThat(desk.read("/api/registers/RISK/file?form=ics").status()).isEqualTo(400);
    }

    @Test
    void a_long_register_comes_page_by_page_each_entry_once() throws Exception {
        for (int i = 0; i < 130; i++) {
            desk.create(
                    "/api/minutes/{id}/lines",
                    "{\"facts\":%s,\"after\":null,\"evidence\":[]}"
                            .formatted(facts("QUESTION", "Question number " + i, null, "INK")),
                    minutes);
        }

        List<String> read = new ArrayList<>();
        String after = "";
        do {
            Desk.Answer page = desk.read("/api/registers/QUESTION" + (after.isEmpty() ? "" : "?after=" + after));
            page.at("/entries").forEach(e -> read.add(e.at("/lineId").asString()));
            after = page.at("/next").isNull() ? "" : page.text("/next");
        } while (!after.isEmpty());

        assertThat(read).hasSize(131).doesNotHaveDuplicates();
        assertThat(desk.read("/api/registers/QUESTION?after=nowhere").status()).isEqualTo(400);
    }
}
