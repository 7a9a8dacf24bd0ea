package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class DaySheetTest extends ServerTest {
    private JsonNode sheet(String date) throws Exception {
        return desk.read("/api/day?date={d}", date).body();
    }

    @Test
    void an_empty_day_is_empty() throws Exception {
        JsonNode sheet = sheet("2026-03-03");

        assertThat(sheet.at("/meetings")).isEmpty();
        assertThat(sheet.at("/sources")).isEmpty();
        assertThat(sheet.at("/drafts")).isEmpty();
    }

    @Test
    void a_meeting_stands_on_its_day_with_whom_it_invited() throws Exception {
        desk.meeting("Charging berth weekly", desk.person("Tom Reyes"), desk.person("Ana Prokop"));

        JsonNode meeting = sheet("2026-03-03").at("/meetings/0");

        assertThat(meeting.at("/title").asString()).isEqualTo("Charging berth weekly");
        assertThat(meeting.at("/people")).extracting(JsonNode::asString).containsExactly("Ana Prokop", "Tom Reyes");
        assertThat(meeting.at("/minutesId").isNull()).isTrue();
        assertThat(sheet("2026-03-04").at("/meetings")).isEmpty();
    }

    @Test
    void a_draft_waits_with_how_far_it_has_come_until_it_is_filed() throws Exception {
        String meeting = desk.meeting("Charging berth weekly", desk.person("Tom Reyes"));
        desk.place(
                desk.drop("talk.txt", "[00:01] Tom Reyes: I'll order the roller by Friday.\n[00:05] Tom Reyes: Bye.\n")
                        .text("/0/source/id"),
                meeting);
        JsonNode draft = desk.draft(meeting).body();
        int lines = draft.at("/lines").size();

        assertThat(sheet("2026-03-03").at("/drafts/0/pencil").asInt()).isEqualTo(lines);
        for (JsonNode line : draft.at("/lines")) {
            desk.write(
                    "/api/lines/{id}",
                    0,
                    "{\"kind\":\"%s\",\"text\":\"in ink\",\"ownerId\":null,\"due\":null,\"state\":\"INK\"}"
                            .formatted(line.at("/kind").asString()),
                    line.at("/id").asString());
        }
        assertThat(sheet("2026-03-03").at("/drafts/0/ink").asInt()).isEqualTo(lines);
        desk.create("/api/minutes/{id}/folio", "{}", draft.at("/id").asString());

        JsonNode filed = sheet("2026-03-03");
        assertThat(filed.at("/drafts")).isEmpty();
        assertThat(filed.at("/meetings/0/folio").asInt()).isEqualTo(1);
    }

    @Test
    void a_date_that_is_none_is_not_understood() throws Exception {
        Desk.Answer answer = desk.read("/api/day?date={d}", "yesterday");

        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.body().has("detail")).isTrue();
    }
}
