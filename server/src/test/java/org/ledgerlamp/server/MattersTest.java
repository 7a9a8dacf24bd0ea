package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Matters arising: what a series left open comes up in its next meeting, and what is done about it there. */
class MattersTest extends WithDraft {
    private String next;

    @BeforeEach
    void fileAndGoOn() throws Exception {
        for (JsonNode line : page().at("/lines")) {
            if (line.at("/state").asString().equals("PENCIL")) {
                change(line, facts(line.at("/kind").asString(), line.at("/text").asString(), null, "INK"));
            }
        }
        desk.create("/api/minutes/{id}/folio", "{}", minutes);
        next = later("Charging berth weekly", "2026-03-10");
    }

    private String later(String series, String day) throws Exception {
        return desk.create(
                        "/api/meetings",
                        """
                        {"title":"Later","date":"%s","zone":"Europe/Oslo","series":"%s","agenda":[],"people":[]}
                        """
                                .formatted(day, series))
                .text("/id");
    }

    private List<JsonNode> matters(String meeting) throws Exception {
        return StreamSupport.stream(
                        desk.read("/api/meetings/{id}/matters", meeting).body().spliterator(), false)
                .toList();
    }

    private JsonNode action(String meeting) throws Exception {
        return matters(meeting).stream()
                .filter(m -> m.at("/kind").asString().equals("ACTION"))
                .findFirst()
                .orElseThrow();
    }

    private Desk.Answer act(String kind, String due) throws Exception {
        return desk.create(
                "/api/lines/{id}/acts",
                "{\"kind\":\"%s\",\"due\":%s,\"meetingId\":\"%s\"}"
                        .formatted(kind, due == null ? "null" : "\"" + due + "\"", next),
                action(next).at("/lineId").asString());
    }

    @Test
    void open_actions_and_questions_of_the_series_come_up_in_its_next_meeting() throws Exception {
        assertThat(matters(next)).extracting(m -> m.at("/kind").asString()).contains("ACTION", "QUESTION");
        assertThat(matters(next))
                .allMatch(m -> m.at("/folio").asInt() == 1 && m.at("/open").asBoolean());
        assertThat(matters(later("Another", "2026-03-10"))).isEmpty();
    }

    @Test
    void what_is_done_stays_listed_where_it_was_done_and_comes_up_no_more() throws Exception {
        Desk.Answer done = act("DONE", null);

        assertThat(done.at("/open").asBoolean()).isFalse();
        assertThat(action(next).at("/here").asBoolean()).isTrue();
        assertThat(matters(later("Charging berth weekly", "2026-03-17")))
                .extracting(m -> m.at("/kind").asString())
                .doesNotContain("ACTION");
    }

    @Test
    void what_is_carried_or_dated_anew_comes_up_again() throws Exception {
        act("CARRIED", null);
        act("RE_DATED", "2026-03-20");

        JsonNode again = action(later("Charging berth weekly", "2026-03-17"));
        assertThat(again.at("/due").asString()).isEqualTo("2026-03-20");
        assertThat(again.at("/open").asBoolean()).isTrue();
    }

    @Test
    void an_act_is_taken_back() throws Exception {
        act("DROPPED", null);
        assertThat(desk.remove("/api/acts/{id}", action(next).at("/actId").asString())
                        .status())
                .isEqualTo(204);

        assertThat(action(next).at("/open").asBoolean()).isTrue();
        assertThat(action(next).at("/last").isNull()).isTrue();
    }

    @Test
    void a_new_day_belongs_to_what_is_dated_anew_alone() throws Exception {
        assertThat(act("RE_DATED", null).status()).isEqualTo(400);
        assertThat(act("DONE", "2026-03-20").status()).isEqualTo(400);
    }

    @Test
    void actions_of_other_series_can_be_pulled_in_and_let_go() throws Exception {
        String other = later("Another", "2026-03-10");
        Desk.Answer offered = desk.read("/api/meetings/{id}/matters/elsewhere?words=Roller", other);
        assertThat(offered.body()).hasSize(1);

        desk.create("/api/meetings/{id}/matters", "{\"lineId\":\"" + offered.text("/0/lineId") + "\"}", other);
        assertThat(matters(other)).singleElement().matches(m -> m.at("/pulled").asBoolean());
        assertThat(desk.read("/api/meetings/{id}/matters/elsewhere?words=roller", other)
                        .body())
                .isEmpty();

        desk.remove("/api/meetings/{id}/matters?line={line}", other, offered.text("/0/lineId"));
        assertThat(matters(other)).isEmpty();
    }

    @Test
    void a_line_still_in_pencil_is_no_line_of_record() throws Exception {
        String draft = draftOf(desk.meeting("Another"));
        String line = desk.read("/api/minutes/{id}", draft).text("/lines/0/id");

        assertThat(desk.create("/api/lines/{id}/acts", "{\"kind\":\"DONE\"}", line)
                        .status())
                .isEqualTo(404);
    }
}
