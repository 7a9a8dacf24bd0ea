package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Drafting in the background, once and again. */
class DraftingTest extends WithDraft {
    @Test
    void drafting_again_goes_on_with_the_draft_there_is_and_leaves_what_is_in_ink() throws Exception {
        change(line("ACTION"), facts("ACTION", "My own words", tom, "INK"));
        String meeting = page().at("/meeting/id").asString();

        Desk.Answer again = desk.draft(meeting);

        assertThat(again.text("/id")).isEqualTo(minutes);
        assertThat(texts(again.at("/lines"), "ACTION")).containsOnlyOnce("My own words");
    }

    @Test
    void minutes_that_are_filed_are_not_drafted_again() throws Exception {
        inkAll();
        desk.create("/api/minutes/{id}/folio", "{}", minutes);

        Desk.Answer again = desk.draft(page().at("/meeting/id").asString());

        assertThat(again.status()).isEqualTo(409);
        assertThat(again.text("/detail")).contains("filed as folio 1");
    }

    @Test
    void drafting_says_how_far_it_is_and_a_stranger_does_not_hear_of_it() throws Exception {
        Desk.Answer begun = desk.create(
                "/api/meetings/{id}/minutes", "{}", page().at("/meeting/id").asString());

        assertThat(begun.status()).isEqualTo(202);
        assertThat(desk.drafted(begun).text("/id")).isEqualTo(minutes);
        Desk.Answer done = desk.read("/api/draftings/{id}", begun.text("/id"));
        assertThat(done.text("/state")).isEqualTo("DONE");
        assertThat(done.at("/done").asInt())
                .isPositive()
                .isEqualTo(done.at("/all").asInt());
    }

    @Test
    void answers_to_a_sections_question_stand_under_it_and_only_there() throws Exception {
        Desk.Answer changed = desk.drafted(desk.write(
                "/api/minutes/{id}/template",
                page().at("/version").asInt(),
                "{\"template\":\"Supplier call\"}",
                minutes));

        assertThat(changed.at("/template/sections").toString()).contains("What was said about price, cost and terms?");
        for (JsonNode line : changed.at("/lines")) {
            assertThat(line.at("/section").isNull())
                    .isEqualTo(!line.at("/kind").asString().equals("ANSWER"));
        }
        Desk.Answer misplaced = desk.write(
                "/api/lines/{id}",
                line("ACTION").at("/version").asInt(),
                facts("ANSWER", "No question asked", null, "INK"),
                line("ACTION").at("/id").asString());
        assertThat(misplaced.status()).isEqualTo(400);
    }

    @Test
    void there_is_nothing_to_draft_without_a_source() throws Exception {
        Desk.Answer refused = desk.draft(desk.meeting("Empty"));

        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.text("/detail")).contains("No source");
    }

    @Test
    void another_template_drafts_anew_what_nobody_has_touched_and_leaves_ink_and_struck_lines() throws Exception {
        JsonNode action = line("ACTION");
        change(action, facts("ACTION", "My own words", tom, "INK"));
        JsonNode summary = line("SUMMARY");
        change(summary, facts("SUMMARY", summary.at("/text").asString(), null, "STRUCK"));
        JsonNode before = page();

        Desk.Answer changed = desk.drafted(desk.write(
                "/api/minutes/{id}/template",
                before.at("/version").asInt(),
                "{\"template\":\"Steering group\",\"detail\":\"FULL\"}",
                minutes));

        assertThat(changed.text("/template/name")).isEqualTo("Steering group");
        assertThat(changed.text("/template/detail")).isEqualTo("FULL");
        assertThat(texts(changed.at("/lines"), "ACTION")).containsOnlyOnce("My own words");
        assertThat(texts(changed.at("/lines"), "ACTION"))
                .doesNotContain(action.at("/text").asString());
        assertThat(texts(changed.at("/lines"), "SUMMARY")).hasSize(1);
        assertThat(texts(changed.at("/lines"), "DECISION")).isEqualTo(texts(before.at("/lines"), "DECISION"));
    }

    @Test
    void drafting_anew_keeps_the_order_that_a_person_gave_the_lines() throws Exception {
        for (JsonNode line : page().at("/lines")) {
            change(line, facts(line.at("/kind").asString(), line.at("/text").asString(), null, "INK"));
        }
        desk.create(
                "/api/minutes/{id}/lines",
                "{\"facts\":%s,\"after\":\"%s\",\"evidence\":[]}"
                        .formatted(
                                facts("RISK", "Written from memory", null, "INK"),
                                line("RISK").at("/id").asString()),
                minutes);
        JsonNode last = page().at("/lines").get(page().at("/lines").size() - 1);
        change(
                last,
                "{\"kind\":\"%s\",\"text\":\"Moved to the top\",\"state\":\"INK\",\"position\":-1}"
                        .formatted(last.at("/kind").asString()));
        List<String> before = texts(page());

        Desk.Answer changed = desk.drafted(desk.write(
                "/api/minutes/{id}/template",
                page().at("/version").asInt(),
                "{\"template\":\"Weekly status\",\"detail\":\"FULL\"}",
                minutes));

        assertThat(texts(changed.body())).containsSubsequence(before).startsWith("Moved to the top");
    }

    private static List<String> texts(JsonNode page) {
        List<String> texts = new ArrayList<>();
        page.at("/lines").forEach(l -> texts.add(l.at("/text").asString()));
        return texts;
    }
}
