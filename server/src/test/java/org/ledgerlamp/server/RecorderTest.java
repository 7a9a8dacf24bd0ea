package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.core.exchange.WebhookSignature;
import org.ledgerlamp.standins.RecorderPartner;
import org.ledgerlamp.standins.RecorderScript;
import tools.jackson.databind.JsonNode;

/** Recorders: only what they signed themselves is taken, once, and finds its meeting. */
class RecorderTest extends ServerTest {
    private static final Instant BEGAN = Instant.now().truncatedTo(ChronoUnit.SECONDS);
    private static final String SAID =
            """
            [{"speaker":"Tom Reyes","start":1.0,"end":4.0,"text":"I'll order the paint by Friday."},
             {"speaker":"Mira Voss","start":5.0,"end":9.5,"text":"Good. Agreed then, we take the blue paint for the Gannet."}]
            """;

    private String recorder;
    private String path;
    private WebhookSignature signature;

    @BeforeEach
    void setUp() throws Exception {
        recorder = setUp("null");
    }

    private String setUp(String control) throws Exception {
        Desk.Answer made = desk.create("/api/recorders", "{\"name\":\"Boat hall\",\"control\":" + control + "}");
        path = made.text("/recorder/path");
        signature = new WebhookSignature(made.text("/secret"));
        return made.text("/recorder/id");
    }

    private String meeting(String title) throws Exception {
        return desk.create(
                        "/api/meetings",
                        "{\"title\":\"%s\",\"date\":\"%s\",\"start\":\"%s\",\"zone\":\"UTC\",\"agenda\":[],\"people\":[\"%s\"]}"
                                .formatted(
                                        title,
                                        LocalDate.ofInstant(BEGAN, ZoneOffset.UTC),
                                        LocalTime.ofInstant(BEGAN, ZoneOffset.UTC)
                                                .withSecond(0),
                                        desk.person("Tom Reyes")))
                .text("/id");
    }

    private static String event(String name, String recording, String more) {
        return "{\"event\":\"recording.%s\",\"id\":\"%s\",\"title\":\"Yard talk\",\"startedAt\":\"%s\",\"participants\":[{\"name\":\"Tom Reyes\"}]%s}"
                .formatted(name, recording, BEGAN, more);
    }

    private static String finished(String recording) {
        return event("finished", recording, ",\"durationSeconds\":10,\"segments\":" + SAID);
    }

    private int deliver(String id, Instant at, String sealed, String body) throws Exception {
        return http.perform(post(path)
                        .contentType("application/json")
                        .header(WebhookSignature.ID, id)
                        .header(WebhookSignature.TIMESTAMP, at.getEpochSecond())
                        .header(
                                WebhookSignature.SIGNATURE,
                                signature.sign(id, at, sealed.getBytes(StandardCharsets.UTF_8)))
                        .content(body))
                .andReturn()
                .getResponse()
                .getStatus();
    }

    private int deliver(String id, String body) throws Exception {
        return deliver(id, Instant.now(), body, body);
    }

    private JsonNode tray() throws Exception {
        return desk.read("/api/tray").body();
    }

    private JsonNode recording(String meeting) throws Exception {
        return desk.read("/api/meetings/{id}/recording", meeting).body();
    }

    @Test
    void a_finished_recording_that_nobody_asked_for_finds_its_meeting_and_is_drafted() throws Exception {
        String meeting = meeting("Yard talk");

        assertThat(deliver("d1", finished("rec-1"))).isEqualTo(204);
        Awaitility.await().until(() -> desk.read("/api/meetings/{id}", meeting)
                .body()
                .at("/hasMinutes")
                .asBoolean());

        assertThat(recording(meeting).at("/state").asString()).isEqualTo("TAKEN");
        String source = recording(meeting).at("/sourceId").asString();
        assertThat(desk.read("/api/sources/{id}/passages", source).text("/0/text"))
                .isEqualTo("I'll order the paint by Friday.");
        assertThat(new String(desk.bytes("/api/sources/{id}/original", source), StandardCharsets.UTF_8))
                .isEqualTo(finished("rec-1"));
    }

    @Test
    void a_recording_that_fits_no_meeting_waits_in_the_tray_with_what_comes_nearest() throws Exception {
        meeting("Crane inspection");

        deliver("d1", finished("rec-1"));

        assertThat(tray()).hasSize(1);
        assertThat(tray().at("/0/name").asString()).startsWith("Yard talk ");
        assertThat(tray().at("/0/meetingId").isNull()).isTrue();
        assertThat(tray().at("/0/guesses/0/title").asString()).isEqualTo("Crane inspection");
    }

    @Test
    void what_is_forged_tampered_with_late_or_from_nobody_is_refused_and_leaves_nothing() throws Exception {
        String body = finished("rec-1");
        Instant now = Instant.now();

        assertThat(deliver("d1", now, body, body.replace("Friday", "Monday"))).isEqualTo(401);
        assertThat(deliver("d1", now.minusSeconds(600), body, body)).isEqualTo(401);
        assertThat(deliver("d1", now.plusSeconds(600), body, body)).isEqualTo(401);
        signature = new WebhookSignature("whsec_" + "QUFBQUFBQUFBQUFBQUFBQUFBQUE=");
        assertThat(deliver("d1", body)).isEqualTo(401);
        assertThat(http.perform(post(path).contentType("application/json").content(body))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .isEqualTo(401);
        path = "/api/arrivals/nobody";
        assertThat(deliver("d1", body)).isEqualTo(401);
        assertThat(tray()).isEmpty();
    }

    @Test
    void a_replay_is_refused_and_a_second_try_of_the_same_delivery_is_one_source() throws Exception {
        Instant now = Instant.now();
        String body = finished("rec-1");
        assertThat(deliver("d1", now, body, body)).isEqualTo(204);

        assertThat(deliver("d1", now, body, body)).as("word for word again").isEqualTo(409);
        assertThat(deliver("d1", now.plusSeconds(2), body, body))
                .as("tried again")
                .isEqualTo(204);
        assertThat(deliver("d2", now, body, body)).as("under another id").isEqualTo(204);
        assertThat(tray()).hasSize(1);
    }

    @Test
    void a_recording_delivered_anew_with_other_words_takes_the_place_of_the_first() throws Exception {
        deliver("d1", finished("rec-1"));
        deliver("d2", finished("rec-1").replace("Friday", "Monday"));

        assertThat(tray()).hasSize(1);
        String source = tray().at("/0/id").asString();
        assertThat(desk.read("/api/sources/{id}/passages", source).text("/0/text"))
                .contains("Monday");
    }

    @Test
    void nonsense_under_a_good_signature_is_refused_with_the_reason_and_can_be_sent_right() throws Exception {
        assertThat(deliver("d1", "no json")).isEqualTo(400);
        assertThat(deliver("d2", "{\"event\":\"recording.finished\"}")).isEqualTo(400);
        assertThat(deliver("d3", event("burnt", "rec-1", ""))).isEqualTo(400);
        assertThat(deliver("d4", "[1,2]")).isEqualTo(400);
        assertThat(deliver("d4", event("started", "rec-1", ""))).isEqualTo(204);
    }

    @Test
    void a_finished_recording_of_which_nothing_can_be_read_is_kept_with_the_reason() throws Exception {
        deliver("d1", event("finished", "rec-1", ",\"segments\":[]"));

        assertThat(tray().at("/0/state").asString()).isEqualTo("BROKEN");
        assertThat(tray().at("/0/problems/0/message").asString()).contains("segments");
    }

    @Test
    void what_is_heard_arrives_live_once_and_in_order() throws Exception {
        String meeting = meeting("Yard talk");
        deliver("d1", event("started", "rec-1", ""));
        assertThat(recording(meeting).at("/state").asString()).isEqualTo("RUNNING");
        String one = event("segments", "rec-1", ",\"first\":0,\"segments\":" + SAID);
        deliver("d2", one);
        deliver("d3", one);
        deliver("d4", event("segments", "rec-1", ",\"first\":2,\"segments\":[{\"speaker\":null,\"text\":\"Right.\"}]"));
        deliver("d5", event("paused", "rec-1", ""));

        JsonNode recording = recording(meeting);
        assertThat(recording.at("/state").asString()).isEqualTo("PAUSED");
        assertThat(recording.at("/heard").findValuesAsString("text"))
                .containsExactly(
                        "I'll order the paint by Friday.",
                        "Good. Agreed then, we take the blue paint for the Gannet.",
                        "Right.");
        assertThat(recording.at("/heard/1/startMs").asInt()).isEqualTo(5000);
        deliver("d6", event("resumed", "rec-1", ""));
        assertThat(recording(meeting).at("/state").asString()).isEqualTo("RUNNING");
    }

    @Test
    void segments_that_arrive_in_another_order_or_with_gaps_stand_in_their_own_order_and_once() throws Exception {
        String meeting = meeting("Yard talk");
        String late = event("segments", "rec-1", ",\"first\":3,\"segments\":[{\"text\":\"third\"}]");
        deliver("d1", late);
        deliver(
                "d2",
                event(
                        "segments",
                        "rec-1",
                        ",\"first\":0,\"segments\":[{\"text\":\"first\"},{\"text\":\" \"},{\"text\":\"second\"}]"));
        assertThat(deliver("d3", late)).isEqualTo(204);

        assertThat(recording(meeting).at("/heard").findValuesAsString("text"))
                .containsExactly("first", "second", "third");
        assertThat(deliver("d4", event("segments", "rec-1", ",\"first\":50000,\"segments\":[{\"text\":\"x\"}]")))
                .isEqualTo(400);
    }

    @Test
    void who_comes_late_gets_what_is_found_so_far_with_the_words_it_rests_on_and_nothing_is_kept() throws Exception {
        String meeting = meeting("Yard talk");
        assertThat(desk.read("/api/meetings/{id}/so-far", meeting).body()).isEmpty();
        deliver("d1", event("segments", "rec-1", ",\"first\":0,\"segments\":" + SAID));
        desk.type(meeting, "A: call the yard - Tom by Monday");

        JsonNode found = desk.read("/api/meetings/{id}/so-far", meeting).body();
        assertThat(found.findValuesAsString("kind")).contains("ACTION", "DECISION");
        assertThat(found.toString()).contains("paint").contains("yard");
        assertThat(found).allSatisfy(f -> assertThat(f.at("/words")).isNotEmpty());
        assertThat(desk.read("/api/meetings/{id}", meeting)
                        .body()
                        .at("/hasMinutes")
                        .asBoolean())
                .isFalse();
    }

    @Test
    void what_was_heard_of_a_recording_that_never_ended_can_be_taken_in() throws Exception {
        String meeting = meeting("Yard talk");
        deliver("d1", event("segments", "rec-1", ",\"first\":0,\"segments\":" + SAID));
        String id = recording(meeting).at("/id").asString();

        assertThat(desk.create("/api/recordings/{id}/take", "{}", id).status()).isEqualTo(204);
        assertThat(recording(meeting).at("/state").asString()).isEqualTo("TAKEN");
        assertThat(recording(meeting).at("/heard")).isEmpty();
        assertThat(desk.create("/api/recordings/{id}/take", "{}", id).status()).isEqualTo(409);
        assertThat(otherTeam().create("/api/recordings/{id}/take", "{}", id).status())
                .isEqualTo(404);
    }

    @Test
    void a_recorder_obeys_nobody_with_whom_it_is_not_paired_and_one_without_control_none() throws Exception {
        RecorderScript script = new RecorderScript(
                "Crane", List.of("Tom Reyes"), List.of(new RecorderScript.Segment("Tom Reyes", 0, 600, "Right.")));
        try (RecorderPartner partner = new RecorderPartner(0, List.of(script))) {
            String other = desk.create(
                            "/api/recorders", "{\"name\":\"Quay\",\"control\":\"" + partner.controlAddress() + "\"}")
                    .text("/recorder/id");
            String meeting = meeting("Yard talk");
            String start = "{\"recorderId\":\"" + other + "\"}";
            Desk.Answer unpaired = desk.create("/api/meetings/{id}/recording", start, meeting);
            assertThat(unpaired.status()).isEqualTo(409);
            assertThat(unpaired.text("/detail")).contains("FORGED");
            partner.pair(() -> URI.create("http://127.0.0.1:9/nowhere"), "whsec_QUFBQUFBQUFBQUFBQUFBQUFBQUE=");
            assertThat(desk.create("/api/meetings/{id}/recording", start, meeting)
                            .text("/detail"))
                    .as("paired with another secret")
                    .contains("FORGED");
        }
        assertThat(desk.create(
                                "/api/meetings/{id}/recording",
                                "{\"recorderId\":\"" + recorder + "\"}",
                                desk.meeting("Crew talk"))
                        .text("/detail"))
                .contains("takes no commands");
    }

    @Test
    void commands_are_signed_and_the_recording_belongs_to_the_meeting_from_its_first_second() throws Exception {
        RecorderScript script = new RecorderScript(
                "Crane", List.of("Tom Reyes"), List.of(new RecorderScript.Segment("Tom Reyes", 0, 600, "Right.")));
        try (RecorderPartner partner = new RecorderPartner(0, List.of(script))) {
            Desk.Answer made = desk.create(
                    "/api/recorders", "{\"name\":\"Quay\",\"control\":\"" + partner.controlAddress() + "\"}");
            partner.pair(() -> URI.create("http://127.0.0.1:9/nowhere"), made.text("/secret"));
            String meeting = meeting("Yard talk");

            assertThat(desk.create(
                                    "/api/meetings/{id}/recording",
                                    "{\"recorderId\":\"" + made.text("/recorder/id") + "\"}",
                                    meeting)
                            .status())
                    .isEqualTo(204);
            assertThat(recording(meeting).at("/state").asString()).isEqualTo("RUNNING");
            String id = recording(meeting).at("/id").asString();
            for (String command : List.of("PAUSE", "RESUME", "STOP")) {
                assertThat(desk.create("/api/recordings/{id}/command", "{\"command\":\"" + command + "\"}", id)
                                .status())
                        .isEqualTo(204);
            }
        }
    }

    @Test
    void a_recorder_taken_away_brings_nothing_more() throws Exception {
        assertThat(otherTeam().remove("/api/recorders/{id}", recorder).status()).isEqualTo(404);
        assertThat(desk.remove("/api/recorders/{id}", recorder).status()).isEqualTo(204);

        assertThat(deliver("d1", finished("rec-1"))).isEqualTo(401);
        assertThat(desk.create("/api/recorders", "{\"name\":\"X\",\"control\":\"file:///etc/passwd\"}")
                        .status())
                .isEqualTo(400);
    }
}
