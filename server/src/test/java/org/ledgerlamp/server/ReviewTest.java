package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class ReviewTest extends WithDraft {
    @Test
    void every_drafted_line_is_in_pencil_and_shows_words_that_stand_in_its_source() throws Exception {
        JsonNode lines = page().at("/lines");

        assertThat(lines).isNotEmpty();
        for (JsonNode line : lines) {
            assertThat(line.at("/state").asString()).isIn("PENCIL", "POSSIBLE");
            assertThat(line.at("/evidence")).as(line.at("/text").asString()).isNotEmpty();
            for (JsonNode basis : line.at("/evidence")) {
                JsonNode passage = desk.read(
                                "/api/sources/{id}/passages",
                                basis.at("/sourceId").asString())
                        .body()
                        .get(basis.at("/passage").asInt());
                assertThat(passage.at("/text")
                                .asString()
                                .substring(
                                        basis.at("/start").asInt(),
                                        basis.at("/end").asInt()))
                        .isEqualTo(basis.at("/quote").asString());
            }
        }
    }

    @Test
    void an_action_knows_its_owner_and_date_and_a_decision_its_standing() throws Exception {
        JsonNode action = line("ACTION");

        assertThat(action.at("/ownerId").asString()).isEqualTo(tom);
        assertThat(action.at("/due").asString()).isEqualTo("2026-03-06");
        assertThat(line("DECISION").at("/grounds/standing").asString()).isIn("unopposed", "agreed");
    }

    @Test
    void an_edit_is_kept_as_typed() throws Exception {
        String words = "Tom Reyes to order <b>two</b> rollers; \\\"wide\\\" ones";

        Desk.Answer changed = change(line("ACTION"), facts("ACTION", words, tom, "INK"));

        assertThat(changed.status()).isEqualTo(200);
        assertThat(line("ACTION").at("/text").asString())
                .isEqualTo("Tom Reyes to order <b>two</b> rollers; \"wide\" ones");
        assertThat(changed.etag()).isEqualTo("\"" + changed.at("/version").asInt() + "\"");
    }

    @Test
    void of_two_edits_on_one_version_the_second_is_refused_and_told_the_first() throws Exception {
        JsonNode seen = line("DECISION");
        change(seen, facts("DECISION", "First wording", null, "INK"));

        Desk.Answer second = change(seen, facts("DECISION", "Second wording", null, "INK"));

        assertThat(second.status()).isEqualTo(412);
        assertThat(second.text("/title")).isEqualTo("Changed meanwhile");
        assertThat(second.text("/current/text")).isEqualTo("First wording");
        assertThat(line("DECISION").at("/text").asString()).isEqualTo("First wording");
    }

    @Test
    void of_two_edits_at_the_same_instant_exactly_one_is_taken() throws Exception {
        JsonNode seen = line("DECISION");
        List<Callable<Integer>> edits = List.of(
                () -> change(seen, facts("DECISION", "One", null, "INK")).status(),
                () -> change(seen, facts("DECISION", "Other", null, "INK")).status());
        List<Integer> statuses = new ArrayList<>();
        try (ExecutorService two = Executors.newFixedThreadPool(2)) {
            for (Future<Integer> edit : two.invokeAll(edits)) {
                statuses.add(edit.get());
            }
        }

        assertThat(statuses).containsExactlyInAnyOrder(200, 412);
    }

    @Test
    void a_write_without_a_version_is_not_understood() throws Exception {
        int status = http.perform(
                        put("/api/lines/{id}", line("ACTION").at("/id").asString())
                                .with(user(desk.who()))
                                .with(csrf())
                                .contentType("application/json")
                                .content(facts("ACTION", "x", null, "INK")))
                .andReturn()
                .getResponse()
                .getStatus();

        assertThat(status).isEqualTo(400);
        assertThat(line("ACTION").at("/text").asString()).isNotEqualTo("x");
    }

    @Test
    void a_line_a_person_writes_stands_below_the_one_named_and_is_in_ink() throws Exception {
        JsonNode decision = line("DECISION");

        Desk.Answer added = desk.create(
                "/api/minutes/{id}/lines",
                "{\"facts\":%s,\"after\":\"%s\",\"evidence\":[]}"
                        .formatted(
                                facts("DECISION", "Paint it green", null, "INK"),
                                decision.at("/id").asString()),
                minutes);

        assertThat(added.text("/state")).isEqualTo("INK");
        assertThat(added.at("/drafted").asBoolean()).isFalse();
        assertThat(added.at("/position").asDouble())
                .isGreaterThan(decision.at("/position").asDouble());
    }

    @Test
    void minutes_are_not_filed_while_a_line_is_in_pencil() throws Exception {
        Desk.Answer refused = desk.create("/api/minutes/{id}/folio", "{}", minutes);

        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.at("/pencil").asInt()).isEqualTo(page().at("/lines").size());
    }

    @Test
    void filing_numbers_what_is_in_ink_in_the_order_of_the_page() throws Exception {
        change(line("RISK"), facts("RISK", "Struck out", null, "STRUCK"));
        inkAll();

        Desk.Answer filed = desk.create("/api/minutes/{id}/folio", "{}", minutes);

        assertThat(filed.at("/filing/folio").asInt()).isEqualTo(1);
        assertThat(filed.text("/filing/by")).isEqualTo("Mira Voss");
        List<Integer> numbers = new ArrayList<>();
        for (JsonNode line : filed.at("/lines")) {
            if (line.at("/state").asString().equals("STRUCK")) {
                assertThat(line.at("/number").isNull()).isTrue();
            } else {
                numbers.add(line.at("/number").asInt());
            }
        }
        assertThat(numbers).doesNotHaveDuplicates().contains(1, numbers.size());
        assertThat(desk.read("/api/folios/1").text("/meeting/date")).isEqualTo("2026-03-03");
    }

    @Test
    void folio_numbers_run_on_without_gap_also_when_two_are_filed_at_once() throws Exception {
        inkAll();
        String first = minutes;
        minutes = draftOf(desk.meeting("Charging berth weekly"));
        inkAll();
        String second = minutes;
        List<Callable<Integer>> filings = List.of(
                () -> desk.create("/api/minutes/{id}/folio", "{}", first)
                        .at("/filing/folio")
                        .asInt(),
                () -> desk.create("/api/minutes/{id}/folio", "{}", second)
                        .at("/filing/folio")
                        .asInt());
        List<Integer> numbers = new ArrayList<>();
        try (ExecutorService two = Executors.newFixedThreadPool(2)) {
            for (Future<Integer> filing : two.invokeAll(filings)) {
                numbers.add(filing.get());
            }
        }

        assertThat(numbers).containsExactlyInAnyOrder(1, 2);
    }

    private Desk.Answer setPresent(JsonNode attendee, String present) throws Exception {
        return desk.write(
                "/api/attendance/{id}",
                attendee.at("/version").asInt(),
                "{\"present\":%s}".formatted(present),
                attendee.at("/id").asString());
    }

    @Test
    void somebody_taken_for_absent_can_be_set_present() throws Exception {
        Desk.Answer changed = setPresent(page().at("/attendance/0"), "false");

        assertThat(changed.at("/present").asBoolean()).isFalse();
    }

    @Test
    void whether_somebody_was_there_can_be_left_open_again() throws Exception {
        Desk.Answer open = setPresent(page().at("/attendance/0"), "null");

        assertThat(open.at("/present").isNull()).isTrue();
        assertThat(page().at("/attendance/0/present").isNull()).isTrue();
    }

    @Test
    void what_is_merely_possible_neither_hinders_filing_nor_is_filed_unless_somebody_takes_it() throws Exception {
        JsonNode action = line("ACTION");
        change(action, facts("ACTION", "Perhaps somebody is to look", null, "POSSIBLE"));
        inkAll();

        Desk.Answer filed = desk.create("/api/minutes/{id}/folio", "{}", minutes);

        assertThat(filed.at("/lines")).isNotEmpty();
        assertThat(texts(filed.at("/lines"), "ACTION")).doesNotContain("Perhaps somebody is to look");
        for (JsonNode line : filed.at("/lines")) {
            assertThat(line.at("/state").asString()).isNotEqualTo("POSSIBLE");
        }
    }

    @Test
    void a_line_is_moved_and_rests_on_more_words_by_saying_so() throws Exception {
        JsonNode decision = line("DECISION");
        JsonNode risk = line("RISK");

        Desk.Answer changed = change(
                decision,
                "{\"kind\":\"DECISION\",\"text\":\"Put a roller on it\",\"state\":\"INK\",\"position\":7.25,\"topic\":0,"
                        + "\"evidence\":[%s,%s]}".formatted(decision.at("/evidence/0"), risk.at("/evidence/0")));

        assertThat(changed.at("/position").asDouble()).isEqualTo(7.25);
        assertThat(changed.at("/evidence")).hasSize(2);
    }

    @Test
    void words_that_do_not_stand_in_the_source_are_no_evidence() throws Exception {
        JsonNode decision = line("DECISION");
        String forged =
                decision.at("/evidence/0").toString().replaceFirst("\"quote\":\"[^\"]*\"", "\"quote\":\"Never said\"");

        Desk.Answer changed = change(
                decision,
                "{\"kind\":\"DECISION\",\"text\":\"x\",\"state\":\"INK\",\"evidence\":[%s]}".formatted(forged));
        Desk.Answer added = desk.create(
                "/api/minutes/{id}/lines",
                "{\"facts\":%s,\"evidence\":[%s]}".formatted(facts("RISK", "y", null, "INK"), forged),
                minutes);

        assertThat(changed.status()).isEqualTo(400);
        assertThat(changed.text("/detail")).contains("Never said");
        assertThat(added.status()).isEqualTo(400);
        assertThat(line("DECISION").at("/text").asString()).isNotEqualTo("x");
    }
}
