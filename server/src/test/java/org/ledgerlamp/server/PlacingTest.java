package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class PlacingTest extends ServerTest {
    private static final String TALK =
            """
            Mira Voss: Morning. Let's begin with the fender.
            Tom Reyes: The roller is on.
            Mira Voss: Since when?
            Tom Reyes: Since Friday.
            Ana Prokop: Good, thanks.
            Mira Voss: Then that's that.
            """;

    private String mira;
    private String tom;
    private String ana;

    @BeforeEach
    void roster() throws Exception {
        mira = desk.person("Mira Voss");
        tom = desk.person("Tom Reyes");
        ana = desk.person("Ana Prokop");
    }

    private JsonNode suggestion(String name, String content) throws Exception {
        String id = desk.drop(name, content).text("/0/source/id");
        return desk.read("/api/sources/{id}/suggestion", id).body();
    }

    @Test
    void the_day_in_a_files_name_and_the_speakers_in_it_are_filled_in() throws Exception {
        JsonNode s = suggestion("Berth_walk 2026-04-14.txt", TALK);

        assertThat(s.at("/title").asString()).isEqualTo("Berth walk");
        assertThat(s.at("/date").asString()).isEqualTo("2026-04-14");
        assertThat(s.at("/people")).extracting(JsonNode::asString).containsExactlyInAnyOrder(mira, tom, ana);
    }

    @Test
    void the_last_meeting_of_the_same_people_lends_its_title_hour_and_series() throws Exception {
        desk.meeting("Charging berth weekly", mira, tom, ana);

        JsonNode s = suggestion("recording-2026-03-10.txt", TALK);

        assertThat(s.at("/meetingId").isNull()).isTrue();
        assertThat(s.at("/title").asString()).isEqualTo("Charging berth weekly");
        assertThat(s.at("/series").asString()).isEqualTo("Charging berth weekly");
        assertThat(s.at("/start").asString()).startsWith("09:30");
        assertThat(s.at("/zone").asString()).isEqualTo("Europe/Oslo");
        assertThat(s.at("/date").asString()).isEqualTo("2026-03-10");
    }

    @Test
    void a_meeting_of_the_same_people_on_that_day_is_the_one() throws Exception {
        String meeting = desk.meeting("Charging berth weekly", mira, tom, ana);

        assertThat(suggestion("recording-2026-03-03.txt", TALK).at("/meetingId").asString())
                .isEqualTo(meeting);
    }

    @Test
    void a_recorders_title_and_start_are_believed() throws Exception {
        JsonNode s = suggestion(
                "rec.json",
                """
                {"title":"Crane talk","startedAt":"2026-05-05T12:02:10Z","participants":[{"name":"Tom Reyes"}],
                 "segments":[{"speaker":"Mira Voss","start":0.5,"end":4,"text":"Hello Tom"}]}
                """);

        assertThat(s.at("/title").asString()).isEqualTo("Crane talk");
        assertThat(s.at("/date").asString()).isEqualTo("2026-05-05");
        assertThat(s.at("/people")).extracting(JsonNode::asString).containsExactlyInAnyOrder(mira, tom);
    }

    @Test
    void a_speaker_nobody_knows_is_named_and_not_made_up() throws Exception {
        JsonNode s = suggestion("talk.txt", TALK.replace("Ana Prokop", "Zebedee Quill"));

        assertThat(s.at("/unknown")).extracting(JsonNode::asString).containsExactly("Zebedee Quill");
        assertThat(s.at("/people")).extracting(JsonNode::asString).containsExactlyInAnyOrder(mira, tom);
    }

    @Test
    void two_of_one_first_name_are_left_open() throws Exception {
        desk.person("Tom Quist");

        JsonNode s = suggestion("talk.txt", TALK.replace("Tom Reyes", "Tom"));

        assertThat(s.at("/unknown")).extracting(JsonNode::asString).containsExactly("Tom");
    }

    @Test
    void a_source_leaves_the_tray_when_something_is_drafted_from_it_and_goes_to_no_second_meeting() throws Exception {
        String first = desk.meeting("Charging berth weekly", mira);
        String second = desk.meeting("Safety review", mira);
        String id = desk.drop("talk.txt", TALK).text("/0/source/id");

        assertThat(desk.place(id, second).text("/meetingId")).isEqualTo(second);
        assertThat(desk.read("/api/tray").body()).hasSize(1);
        assertThat(desk.place(id, first).text("/meetingId")).isEqualTo(first);
        desk.draft(first);

        assertThat(desk.read("/api/tray").body()).isEmpty();
        assertThat(desk.place(id, second).status()).isEqualTo(409);
        assertThat(desk.remove("/api/sources/{id}", id).status()).isEqualTo(409);
    }

    @Test
    void a_source_that_comes_after_the_draft_was_begun_joins_it_and_leaves_what_is_in_ink() throws Exception {
        String meeting = desk.meeting("Charging berth weekly", mira, tom, ana);
        desk.place(desk.drop("talk.txt", TALK).text("/0/source/id"), meeting);
        Desk.Answer draft = desk.draft(meeting);
        JsonNode first = draft.at("/lines/0");
        desk.write(
                "/api/lines/{id}",
                first.at("/version").asInt(),
                "{\"kind\":\"SUMMARY\",\"text\":\"My own summary\",\"ownerId\":null,\"due\":null,\"state\":\"INK\"}",
                first.at("/id").asString());

        String notes = desk.drop("late.txt", "A: ring the yard about the crane\nD: crane for two days\n")
                .text("/0/source/id");
        assertThat(desk.place(notes, meeting).status()).isEqualTo(200);
        Desk.Answer joined = desk.draft(meeting);

        assertThat(joined.text("/id")).isEqualTo(draft.text("/id"));
        assertThat(joined.at("/sources")).hasSize(2);
        assertThat(joined.at("/lines").toString()).contains("ring the yard about the crane");
        assertThat(joined.at("/lines"))
                .filteredOn(l -> l.at("/kind").asString().equals("SUMMARY"))
                .extracting(l -> l.at("/text").asString())
                .containsExactly("My own summary");
    }

    @Test
    void a_meeting_whose_minutes_are_filed_takes_no_further_source() throws Exception {
        String meeting = desk.meeting("Charging berth weekly", mira, tom, ana);
        desk.place(desk.drop("talk.txt", TALK).text("/0/source/id"), meeting);
        Desk.Answer draft = desk.draft(meeting);
        for (JsonNode line : draft.at("/lines")) {
            desk.write(
                    "/api/lines/{id}",
                    line.at("/version").asInt(),
                    "{\"kind\":\"%s\",\"text\":\"x\",\"ownerId\":null,\"due\":null,\"state\":\"INK\"}"
                            .formatted(line.at("/kind").asString()),
                    line.at("/id").asString());
        }
        desk.create("/api/minutes/{id}/folio", "{}", draft.text("/id"));

        Desk.Answer late = desk.place(desk.drop("late.txt", "A: ring the yard").text("/0/source/id"), meeting);

        assertThat(late.status()).isEqualTo(409);
        assertThat(late.text("/detail")).contains("late.txt stays in the tray");
        assertThat(desk.read("/api/tray").body()).hasSize(1);
        assertThat(suggestion("again-2026-03-03.txt", TALK + "Tom Reyes: Bye.\n")
                        .at("/meetingId")
                        .isNull())
                .isTrue();
    }

    @Test
    void a_meeting_needs_a_title_a_day_and_a_zone_there_is() throws Exception {
        Desk.Answer untitled = desk.create(
                "/api/meetings",
                "{\"title\":\" \",\"date\":\"2026-03-03\",\"zone\":\"Europe/Oslo\",\"agenda\":[],\"people\":[]}");
        Desk.Answer nowhere = desk.create(
                "/api/meetings",
                "{\"title\":\"T\",\"date\":\"2026-03-03\",\"zone\":\"Europe/Nowhere\",\"agenda\":[],\"people\":[]}");

        assertThat(untitled.status()).isEqualTo(400);
        assertThat(untitled.text("/detail")).contains("title");
        assertThat(nowhere.status()).isEqualTo(400);
        assertThat(nowhere.text("/detail")).contains("Europe/Nowhere");
    }

    @Test
    void a_change_made_on_an_old_version_is_refused_with_what_stands() throws Exception {
        String id = desk.meeting("Charging berth weekly", mira);
        String changed =
                "{\"title\":\"%s\",\"date\":\"2026-03-03\",\"zone\":\"Europe/Oslo\",\"agenda\":[],\"people\":[]}";
        int version = desk.read("/api/meetings/{id}", id).at("/version").asInt();

        assertThat(desk.write("/api/meetings/{id}", version, changed.formatted("First"), id)
                        .status())
                .isEqualTo(200);
        Desk.Answer stale = desk.write("/api/meetings/{id}", version, changed.formatted("Second"), id);

        assertThat(stale.status()).isEqualTo(412);
        assertThat(stale.text("/current/title")).isEqualTo("First");
        assertThat(desk.read("/api/meetings/{id}", id).text("/title")).isEqualTo("First");
    }

    @Test
    void a_roster_has_a_name_once() throws Exception {
        Desk.Answer twice = desk.create("/api/people", "{\"name\":\" Mira Voss \",\"aliases\":[]}");

        assertThat(twice.status()).isEqualTo(409);
    }

    @Test
    void a_person_can_be_renamed_unless_the_name_is_taken() throws Exception {
        Desk.Answer taken = desk.write("/api/people/{id}", 0, "{\"name\":\"Tom Reyes\",\"aliases\":[]}", mira);
        Desk.Answer free =
                desk.write("/api/people/{id}", 0, "{\"name\":\"Mira Voss-Dahl\",\"aliases\":[\"MVD\"]}", mira);

        assertThat(taken.status()).isEqualTo(409);
        assertThat(free.text("/aliases/0")).isEqualTo("MVD");
    }
}
