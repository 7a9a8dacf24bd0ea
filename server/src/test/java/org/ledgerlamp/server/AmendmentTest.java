package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** Folios after filing: taken back, or amended with every revision kept. */
class AmendmentTest extends WithDraft {
    @Autowired
    private JdbcTemplate database;

    @BeforeEach
    void file() throws Exception {
        inkAll();
        assertThat(desk.create("/api/minutes/{id}/folio", "{}", minutes).status())
                .isEqualTo(200);
    }

    private JsonNode revisions() throws Exception {
        return desk.read("/api/folios/1/revisions").body();
    }

    private Desk.Answer takeBack() throws Exception {
        return desk.remove("/api/folios/1");
    }

    @Test
    void a_folio_taken_back_is_a_draft_in_ink_and_its_number_free_again() throws Exception {
        Desk.Answer draft = takeBack();

        assertThat(draft.at("/filing").isNull()).isTrue();
        for (JsonNode line : draft.at("/lines")) {
            assertThat(line.at("/number").isNull()).isTrue();
            assertThat(line.at("/state").asString()).isEqualTo("INK");
        }
        assertThat(desk.read("/api/folios/1").status()).isEqualTo(404);
        assertThat(desk.create("/api/minutes/{id}/folio", "{}", minutes)
                        .at("/filing/folio")
                        .asInt())
                .isEqualTo(1);
    }

    @Test
    void after_an_hour_only_an_administrator_takes_a_filing_back() throws Exception {
        Desk ana = colleague("Ana Prokop");
        database.update(
                "update minutes set filed_at = filed_at - interval 61 minute where id = ?", UUID.fromString(minutes));

        assertThat(ana.remove("/api/folios/1").status()).isEqualTo(403);
        assertThat(takeBack().status()).isEqualTo(200);
    }

    @Test
    void a_folio_taken_back_after_others_were_filed_keeps_its_number() throws Exception {
        String first = minutes;
        minutes = draftOf(desk.meeting("Slipway weekly"));
        inkAll();
        desk.create("/api/minutes/{id}/folio", "{}", minutes);
        takeBack();
        minutes = draftOf(desk.meeting("Harbour weekly"));
        inkAll();

        assertThat(desk.create("/api/minutes/{id}/folio", "{}", minutes)
                        .at("/filing/folio")
                        .asInt())
                .isEqualTo(3);
        assertThat(desk.create("/api/minutes/{id}/folio", "{}", first)
                        .at("/filing/folio")
                        .asInt())
                .isEqualTo(1);
    }

    @Test
    void a_folio_on_which_others_rely_stays_filed() throws Exception {
        desk.create(
                "/api/lines/{id}/acts",
                "{\"kind\":\"DONE\"}",
                line("ACTION").at("/id").asString());

        Desk.Answer refused = takeBack();

        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.text("/detail")).contains("ticked off").contains("Amend it");
        assertThat(desk.read("/api/folios/1").status()).isEqualTo(200);
    }

    @Test
    void what_is_changed_in_one_sitting_is_one_revision_told_side_by_side() throws Exception {
        change(line("ACTION"), facts("ACTION", "First correction", tom, "INK"));
        change(line("ACTION"), facts("ACTION", "Second correction", tom, "INK"));
        change(line("RISK"), facts("RISK", "No risk at all", null, "STRUCK"));

        assertThat(revisions()).hasSize(1);
        JsonNode revision = revisions().get(0);
        assertThat(revision.at("/number").asInt()).isEqualTo(2);
        assertThat(revision.at("/by").asString()).isEqualTo("Mira Voss");
        assertThat(revision.at("/changes")).hasSize(2);
        assertThat(revision.at("/changes/0/was/line/text").asString()).isEqualTo("A line in ink");
        assertThat(revision.at("/changes/0/became/line/text").asString()).isEqualTo("Second correction");
        assertThat(desk.read("/api/folios/1").at("/filing/revision").asInt()).isEqualTo(2);
    }

    @Test
    void a_colleagues_changes_are_a_revision_of_their_own() throws Exception {
        change(line("ACTION"), facts("ACTION", "Mine", tom, "INK"));
        desk = colleague("Ana Prokop");
        change(line("RISK"), facts("RISK", "Hers", null, "INK"));

        assertThat(revisions()).hasSize(2);
        assertThat(revisions().at("/0/by").asString()).isEqualTo("Ana Prokop");
        assertThat(revisions().at("/1/by").asString()).isEqualTo("Mira Voss");
    }

    @Test
    void a_change_taken_back_at_once_is_none() throws Exception {
        JsonNode action = line("ACTION");
        change(action, facts("ACTION", "Something else", tom, "INK"));
        change(line("ACTION"), facts("ACTION", "A line in ink", null, "INK"));

        assertThat(revisions()).isEmpty();
    }

    @Test
    void a_line_added_later_gets_the_next_number_and_a_struck_one_keeps_its_own() throws Exception {
        int lines = page().at("/lines").size();
        int struck = line("RISK").at("/number").asInt();
        change(line("RISK"), facts("RISK", "No risk", null, "STRUCK"));

        Desk.Answer added = desk.create(
                "/api/minutes/{id}/lines",
                "{\"facts\":%s,\"evidence\":[]}".formatted(facts("RISK", "Another risk", null, "INK")),
                minutes);

        assertThat(added.at("/number").asInt()).isEqualTo(lines + 1);
        assertThat(line("RISK").at("/number").asInt()).isEqualTo(struck);
        assertThat(change(line("RISK"), facts("RISK", "A risk after all", null, "INK"))
                        .at("/number")
                        .asInt())
                .isEqualTo(struck);
    }

    @Test
    void nothing_in_a_folio_is_ever_in_pencil() throws Exception {
        Desk.Answer refused = change(line("ACTION"), facts("ACTION", "x", null, "PENCIL"));

        assertThat(refused.status()).isEqualTo(409);
        assertThat(line("ACTION").at("/state").asString()).isEqualTo("INK");
        assertThat(revisions()).isEmpty();
    }

    @Test
    void attendance_corrected_later_is_told_too() throws Exception {
        JsonNode ana = page().at("/attendance/0");
        desk.write(
                "/api/attendance/{id}",
                ana.at("/version").asInt(),
                "{\"present\":false}",
                ana.at("/id").asString());

        JsonNode change = revisions().at("/0/changes/0");
        assertThat(change.at("/person").asString()).isEqualTo(ana.at("/name").asString());
        assertThat(change.at("/was/present").asBoolean()).isTrue();
        assertThat(change.at("/became/present").asBoolean()).isFalse();
    }

    @Test
    void restoring_brings_back_what_stood_before_a_revision_and_is_kept_as_one() throws Exception {
        change(line("ACTION"), facts("ACTION", "Wrong correction", tom, "INK"));
        desk.create(
                "/api/minutes/{id}/lines",
                "{\"facts\":%s,\"evidence\":[]}".formatted(facts("RISK", "Invented", null, "INK")),
                minutes);
        desk = colleague("Ana Prokop");

        Desk.Answer restored = desk.create("/api/folios/1/revisions/2/undoing", "{}");

        assertThat(restored.at("/filing/revision").asInt()).isEqualTo(3);
        assertThat(texts(restored.at("/lines"), "ACTION"))
                .contains("A line in ink")
                .doesNotContain("Wrong correction");
        for (JsonNode line : restored.at("/lines")) {
            if (line.at("/text").asString().equals("Invented")) {
                assertThat(line.at("/state").asString()).isEqualTo("STRUCK");
            }
        }
        assertThat(revisions()).hasSize(2);
        assertThat(desk.create("/api/folios/1/revisions/9/undoing", "{}").status())
                .isEqualTo(404);
    }

    @Test
    void a_struck_line_is_no_matter_arising_any_more() throws Exception {
        String next = desk.create(
                        "/api/meetings",
                        """
                        {"title":"Later","date":"2026-03-10","zone":"Europe/Oslo","series":"Charging berth weekly",
                         "agenda":[],"people":[]}
                        """)
                .text("/id");
        assertThat(desk.read("/api/meetings/{id}/matters", next).body().toString())
                .contains("A line in ink");
        for (JsonNode line : page().at("/lines")) {
            change(line, facts(line.at("/kind").asString(), "Struck", null, "STRUCK"));
        }

        assertThat(desk.read("/api/meetings/{id}/matters", next).body()).isEmpty();
    }
}
