package org.ledgerlamp.server.erasing;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.server.Desk;
import org.ledgerlamp.server.ServerTest;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** A folio that is deleted for good leaves no word behind, and nothing else is touched. */
class ErasingTest extends ServerTest {
    /** Stands in no other test. */
    private static final String WORD = "Quillfish";

    private static final String TALK =
            """
            [00:00:03] Mira Voss: Shall we scrap the Quillfish?
            [00:00:09] Ana Prokop: Yes, we agreed that the Quillfish is scrapped.
            [00:00:12] Tom Reyes: I'll call the yard about the Quillfish by Friday.
            """;

    private static final String LATER =
            """
            [00:00:03] Mira Voss: Where are we?
            [00:00:09] Tom Reyes: I called the yard on Friday, that is done. I'll paint the bollards by Thursday.
            """;

    @Autowired
    private JdbcTemplate jdbc;

    private String meeting;

    @BeforeEach
    void fileTwo() throws Exception {
        String mira = desk.person("Mira Voss");
        String tom = desk.person("Tom Reyes");
        meeting = desk.meeting("Scrapping the Quillfish", mira, tom);
        desk.type(meeting, "the Quillfish leaks");
        desk.attach(meeting, "quillfish.txt", "All about the Quillfish".getBytes(StandardCharsets.UTF_8));
        file(meeting, TALK);
        file(desk.meeting("Later", mira, tom), LATER);
    }

    private void file(String of, String talk) throws Exception {
        desk.place(desk.drop("talk.txt", talk).text("/0/source/id"), of);
        String draft = desk.draft(of).text("/id");
        assertThat(desk.create("/api/minutes/{id}/folio", "{\"asItStands\":true}", draft)
                        .status())
                .isEqualTo(200);
        Awaitility.await()
                .atMost(Duration.ofMinutes(1))
                .until(() -> jdbc.queryForObject(
                                "select count(*) from minutes where team_id = ? and folio is not null and not linked",
                                Integer.class,
                                desk.who().teamId())
                        == 0);
    }

    private Desk.Answer erase(String reason) throws Exception {
        return desk.create("/api/folios/1/erasing", "{\"reason\":\"" + reason + "\"}");
    }

    /** Every table and column of the database in which the word stands. */
    private List<String> whereItStands() {
        List<String> found = new ArrayList<>();
        List<Map<String, Object>> columns = jdbc.queryForList(
                "select table_name t, column_name c from information_schema.columns where table_schema = database()"
                        + " and data_type in ('varchar', 'text', 'mediumtext', 'longtext', 'blob', 'longblob')");
        for (Map<String, Object> column : columns) {
            Integer rows = jdbc.queryForObject(
                    "select count(*) from `%s` where lower(convert(`%s` using utf8mb4)) like ?"
                            .formatted(column.get("t"), column.get("c")),
                    Integer.class,
                    "%quillfish%");
            if (rows != null && rows > 0) {
                found.add(column.get("t") + "." + column.get("c"));
            }
        }
        return found;
    }

    @Test
    void not_a_word_of_it_is_left_but_the_name_of_the_meeting() throws Exception {
        String line = desk.read("/api/folios/1").at("/lines/0/id").asString();
        desk.create("/api/folios/1/excerpts", "{\"lines\":[\"%s\"],\"days\":7,\"passages\":true}".formatted(line));
        desk.create("/api/kept", "{\"question\":\"What did we decide about the Quillfish?\"}");
        desk.create(
                "/api/folios/1/circulation",
                "{\"form\":\"TEXT\",\"cover\":\"The Quillfish!\",\"outside\":true,\"to\":[{\"recipient\":"
                        + "{\"name\":\"Tom\",\"address\":\"tom@skerry.example\"},\"part\":\"WHOLE\"}]}");
        desk.store("/api/meetings/{id}/margin", "{\"text\":\"Poor Quillfish\"}", meeting);
        assertThat(whereItStands())
                .contains(
                        "minutes_line.text",
                        "passage.text",
                        "source_original.bytes",
                        "attachment_original.bytes",
                        "outgoing_letter.text",
                        "page_line.text",
                        "team_word.stem");
        Desk.Answer goes = desk.read("/api/folios/1/erasing");
        assertThat(goes.at("/keptAnswers").asInt())
                .as(
                        "%s",
                        jdbc.queryForList(
                                "select statements from kept_question where team_id = ?",
                                desk.who().teamId()))
                .isEqualTo(1);
        assertThat(goes.at("/excerpts").asInt()).isEqualTo(1);
        assertThat(goes.at("/letters").asInt()).isEqualTo(1);
        assertThat(goes.at("/attachments").asInt()).isEqualTo(1);

        assertThat(erase("The owner asked for it").status()).isEqualTo(204);

        assertThat(whereItStands()).containsExactly("meeting.title", "meeting.series");
    }

    @Test
    void under_its_number_stands_why_it_is_gone_and_nobody_gets_that_number_again() throws Exception {
        erase("Wrong meeting");

        Desk.Answer gone = desk.read("/api/folios/1");
        assertThat(gone.status()).isEqualTo(410);
        assertThat(gone.text("/detail")).contains("Folio 1 was deleted for good", "Mira Voss", "Wrong meeting");
        assertThat(desk.read("/api/ledger").body().toString()).doesNotContain(WORD);
        assertThat(desk.read("/api/audit").body().toString()).contains("folio 1: Wrong meeting");
        file(desk.meeting("After"), LATER.replace("bollards", "railings"));
        assertThat(desk.read("/api/folios/3").text("/meeting/title")).isEqualTo("After");
    }

    @Test
    void other_folios_stay_as_they_are_and_searching_finds_nothing_of_it() throws Exception {
        Awaitility.await()
                .until(() -> desk.read("/api/lamp?q=" + WORD).at("/places").asInt(-1) != 0);
        erase("Wrong meeting");

        assertThat(desk.read("/api/folios/2").body().toString()).contains("paint the bollards");
        Awaitility.await().untilAsserted(() -> assertThat(
                        desk.read("/api/lamp?q=" + WORD).body().toString())
                .doesNotContain("scrapped"));
    }

    @Test
    void it_wants_a_reason_and_somebody_who_administers() throws Exception {
        assertThat(erase(" ").status()).isEqualTo(400);
        assertThat(colleague("Ana Prokop")
                        .create("/api/folios/1/erasing", "{\"reason\":\"because\"}")
                        .status())
                .isEqualTo(403);
        assertThat(desk.read("/api/folios/1").status()).isEqualTo(200);
    }

    @Test
    void no_table_that_names_minutes_a_line_a_meeting_or_a_source_is_forgotten() {
        List<String> naming = jdbc.queryForList(
                "select distinct table_name from information_schema.columns where table_schema = database()"
                        + " and column_name in ('minutes_id', 'meeting_id', 'line_id', 'source_id', 'folio_id',"
                        + " 'earlier_line', 'later_minutes', 'attachment_id', 'excerpt_id')",
                String.class);
        String deleted = String.join(" ", Quoted.DELETED);

        assertThat(naming)
                .filteredOn(table -> !deleted.contains(" " + table + " ") && !Quoted.STAYS.contains(table))
                // Its rows go with the card.
                .containsExactlyInAnyOrder("folio_facet");
    }
}
