package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A person, a series, a subject and a period, each seen across the ledger. */
class PortraitsTest extends WithTwoFolios {
    private JsonNode ofTom() throws Exception {
        return desk.read("/api/people/{id}/portrait", tom).body();
    }

    private String actionOf(int folio) throws Exception {
        for (JsonNode entry : register("ACTION", "open=true")) {
            if (entry.at("/folio").asInt() == folio) {
                return entry.at("/lineId").asString();
            }
        }
        throw new AssertionError("no open action of folio " + folio);
    }

    @Test
    void a_person_is_shown_with_attendance_and_what_became_of_their_promises() throws Exception {
        long open = ofTom().at("/commitments/open").asLong();
        desk.create("/api/lines/{id}/acts", "{\"kind\":\"RE_DATED\",\"due\":\"2020-01-01\"}", actionOf(2));
        assertThat(ofTom().at("/commitments/slipped").asLong()).isEqualTo(1);
        assertThat(ofTom().at("/commitments/overdue").asLong()).isPositive();

        desk.create("/api/lines/{id}/acts", "{\"kind\":\"DONE\"}", actionOf(2));
        JsonNode tomNow = ofTom();
        assertThat(tomNow.at("/commitments/kept").asLong()).isEqualTo(1);
        assertThat(tomNow.at("/commitments/open").asLong()).isEqualTo(open - 1);
        assertThat(tomNow.at("/present").asLong()).isEqualTo(2);
        assertThat(tomNow.at("/meetings")).hasSize(2);
        assertThat(tomNow.at("/meetings/0/share").asDouble()).isBetween(0.1, 0.9);
        assertThat(otherTeam().read("/api/people/{id}/portrait", tom).status()).isEqualTo(404);
    }

    @Test
    void a_series_is_shown_with_its_meetings_and_who_came() throws Exception {
        JsonNode series =
                desk.read("/api/series?name={s}", "Charging berth weekly").body();

        assertThat(series.at("/occurrences"))
                .extracting(o -> o.at("/folio").asInt())
                .containsExactly(2, 1);
        assertThat(series.at("/grid")).extracting(JsonNode::asInt).containsExactly(1, 2);
        assertThat(series.at("/attendance")).anySatisfy(row -> {
            assertThat(row.at("/name").asString()).isEqualTo("Tom Reyes");
            assertThat(row.at("/present/0").asBoolean()).isTrue();
        });
        assertThat(desk.read("/api/series?name=Nothing").status()).isEqualTo(404);
        assertThat(otherTeam()
                        .read("/api/series?name={s}", "Charging berth weekly")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void a_roll_up_shows_chosen_kinds_of_a_series_and_a_period_on_one_page() throws Exception {
        JsonNode page = desk.read(
                        "/api/roll-up?kind=DECISION&kind=ACTION&facet=SERIES:Charging berth weekly&to=2026-03-05")
                .body();

        assertThat(page).extracting(r -> r.at("/kind").asString()).containsExactly("DECISION", "ACTION");
        assertThat(page.at("/1/entries"))
                .isNotEmpty()
                .allMatch(e -> e.at("/folio").asInt() == 1);
        assertThat(desk.read("/api/roll-up?kind=ACTION&from=2026-03-05").at("/0/entries"))
                .allMatch(e -> e.at("/folio").asInt() == 2);
        assertThat(desk.read("/api/roll-up?kind=ACTION&facet=SERIES:Other").at("/0/entries"))
                .isEmpty();
    }

    @Test
    void several_are_ticked_at_once_or_none_and_taken_back_together() throws Exception {
        int before = register("ACTION", "open=true").size();
        String lines = "\"" + actionOf(1) + "\",\"" + actionOf(2) + "\"";

        Desk.Answer bad = desk.create(
                "/api/acts",
                "{\"lines\":[%s,\"00000000-0000-0000-0000-000000000001\"],\"deed\":{\"kind\":\"DONE\"}}"
                        .formatted(lines));
        assertThat(bad.status()).isEqualTo(404);
        assertThat(register("ACTION", "open=true")).hasSize(before);

        JsonNode done = desk.create("/api/acts", "{\"lines\":[%s],\"deed\":{\"kind\":\"DONE\"}}".formatted(lines))
                .body();
        assertThat(register("ACTION", "open=true")).hasSize(before - 2);
        desk.create(
                "/api/acts/taken-back",
                "{\"acts\":[\"%s\",\"%s\"]}"
                        .formatted(
                                done.at("/0/actId").asString(),
                                done.at("/1/actId").asString()));
        assertThat(register("ACTION", "open=true")).hasSize(before);
    }

    @Test
    void the_course_of_an_action_tells_what_was_said_and_done_in_order() throws Exception {
        String line = said().at("/earlier/lineId").asString();
        turn(said(), "INK");

        JsonNode course = desk.read("/api/lines/{id}/course", line).body();
        assertThat(course.at("/0/folio").asInt()).isEqualTo(1);
        assertThat(course.at("/1/folio").asInt()).isEqualTo(2);
        assertThat(course.at("/1/effect").asString()).isEqualTo("DONE");
        assertThat(course.at("/1/words/0").asString()).contains("ordered");
        assertThat(course.at("/2/act").asString()).isEqualTo("DONE");
        assertThat(desk.read("/api/register-owners").body()).isNotEmpty();
    }

    @Test
    void a_strand_follows_a_subject_through_folios() throws Exception {
        Awaitility.await()
                .until(() ->
                        desk.read("/api/strand?about=bollards").at("/places").size() > 1);
        JsonNode strand = desk.read("/api/strand?about=bollards").body();

        assertThat(strand.at("/places"))
                .extracting(p -> p.at("/date").asString())
                .isSorted();
        assertThat(strand.at("/places"))
                .allMatch(p -> p.at("/text").asString().toLowerCase().contains("bollard"));
        assertThat(otherTeam().read("/api/strand?about=bollards").at("/places")).isEmpty();
    }

    @Test
    void a_calendar_reads_a_members_own_due_dates_by_an_address_that_can_be_revoked() throws Exception {
        assertThat(otherTeam().create("/api/feed", "").status()).isEqualTo(409);
        desk.create(
                "/api/people",
                "{\"name\":\"Myself\",\"email\":\"%s\",\"aliases\":[]}"
                        .formatted(desk.who().email()));
        String me = "";
        for (JsonNode p : desk.read("/api/people").body()) {
            me = p.at("/name").asString().equals("Myself") ? p.at("/id").asString() : me;
        }
        desk.create("/api/lines/{id}/acts", "{\"kind\":\"HANDED_OVER\",\"ownerId\":\"" + me + "\"}", actionOf(2));
        desk.create("/api/lines/{id}/acts", "{\"kind\":\"RE_DATED\",\"due\":\"2026-04-02\"}", actionOf(2));

        String address = desk.create("/api/feed", "").text("/address");
        String path = address.substring(address.indexOf("/api/"));
        String calendar = new String(desk.bytes(path), StandardCharsets.UTF_8);
        assertThat(calendar)
                .contains("BEGIN:VEVENT")
                .contains("DTSTART;VALUE=DATE:20260402")
                .contains("bollards");
        assertThat(desk.read("/api/feed").at("/address").isNull()).isTrue();

        desk.create("/api/feed", "");
        assertThat(desk.read(path).status()).isEqualTo(404);
        desk.remove("/api/feed");
        assertThat(desk.read("/api/feed").at("/madeAt").isNull()).isTrue();
    }
}
