package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** A team's own marks and abbreviations, and what becomes of notes by them. */
class ShorthandTest extends ServerTest {
    private static final String OURS =
            "{\"marks\":[{\"sign\":\"!!\",\"says\":\"RISK\"}],\"abbreviations\":[{\"brief\":\"w/\",\"full\":\"with\"}]}";

    private Desk.Answer write(String json) throws Exception {
        return desk.write(
                "/api/shorthand", desk.read("/api/shorthand").at("/version").asInt(), json);
    }

    private JsonNode passage(String source) throws Exception {
        return desk.read("/api/sources/{id}/passages", source).body().get(0);
    }

    @Test
    void is_kept_and_given_back_beside_what_everybody_has() throws Exception {
        Desk.Answer written = write(OURS);

        assertThat(written.status()).isEqualTo(200);
        JsonNode read = desk.read("/api/shorthand").body();
        assertThat(read.at("/marks/0/sign").asString()).isEqualTo("!!");
        assertThat(read.at("/abbreviations/0/full").asString()).isEqualTo("with");
        assertThat(read.at("/everybodys")).hasSize(8);
    }

    @Test
    void reads_notes_that_come_in_and_leaves_those_read_before_as_they_were() throws Exception {
        String before = desk.drop("a.txt", "!! crane w/ a crack\nfine").text("/0/source/id");
        write(OURS);
        String after = desk.drop("b.txt", "!! crane w/ a crack\ngood").text("/0/source/id");

        assertThat(passage(before).at("/text").asString()).isEqualTo("!! crane w/ a crack");
        assertThat(passage(after).at("/text").asString()).isEqualTo("crane w/ a crack");
        assertThat(passage(after).at("/mark").asString()).isEqualTo("RISK");

        String meeting = desk.meeting("Crane");
        desk.place(after, meeting);
        JsonNode lines = desk.draft(meeting).at("/lines");
        assertThat(lines)
                .filteredOn(l -> l.at("/kind").asString().equals("RISK"))
                .singleElement()
                .satisfies(l -> {
                    assertThat(l.at("/text").asString()).isEqualTo("Crane with a crack.");
                    assertThat(l.at("/evidence/0/quote").asString()).isEqualTo("crane w/ a crack");
                });
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"marks\":[{\"sign\":\"A:\",\"says\":\"RISK\"}],\"abbreviations\":[]}|everybody has",
                "{\"marks\":[{\"sign\":\"!\",\"says\":\"RISK\"},{\"sign\":\"!\",\"says\":\"ACTION\"}],\"abbreviations\":[]}|there already",
                "{\"marks\":[],\"abbreviations\":[{\"brief\":\"a b\",\"full\":\"c\"}]}|no short form"
            })
    void that_cannot_be_used_is_refused_with_the_reason(String json, String why) throws Exception {
        Desk.Answer refused = write(json);

        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.text("/detail")).contains(why);
    }

    @Test
    void of_two_who_change_it_at_once_the_second_is_told() throws Exception {
        int version = desk.read("/api/shorthand").at("/version").asInt();
        desk.write("/api/shorthand", version, OURS);

        assertThat(desk.write("/api/shorthand", version, OURS.replace("RISK", "ACTION"))
                        .status())
                .isEqualTo(412);
    }

    @Test
    void of_one_team_is_nothing_to_another() throws Exception {
        write(OURS);

        assertThat(otherTeam().read("/api/shorthand").at("/marks")).isEmpty();
    }

    @Test
    void can_be_tried_on_a_line_and_nothing_is_kept() throws Exception {
        write(OURS);
        desk.person("Tom Reyes");
        Desk.Answer risk = desk.create("/api/shorthand/tried", "{\"text\":\"!! crane w/ a crack\"}");
        Desk.Answer action = desk.create("/api/shorthand/tried", "{\"text\":\"A: Tom ring the yard\"}");

        assertThat(risk.text("/kind")).isEqualTo("RISK");
        assertThat(risk.text("/writtenOut")).isEqualTo("crane with a crack");
        assertThat(action.text("/owner")).isEqualTo("Tom Reyes");
        assertThat(desk.read("/api/tray").body()).isEmpty();
    }
}
