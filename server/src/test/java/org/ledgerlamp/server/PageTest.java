package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The page of a meeting: nothing typed is lost, refused or overwritten by somebody else. */
class PageTest extends ServerTest {
    private String meeting;

    @BeforeEach
    void sitInAMeeting() throws Exception {
        String mira = desk.person("Mira Voss");
        desk.person("Tom Reyes");
        meeting = desk.meeting("Berth weekly", mira);
    }

    private List<JsonNode> lines(Desk of) throws Exception {
        JsonNode lines = of.read("/api/meetings/{id}/page", meeting).at("/lines");
        return StreamSupport.stream(lines.spliterator(), false)
                .filter(l -> !l.at("/removed").asBoolean())
                .toList();
    }

    private List<String> texts() throws Exception {
        return lines(desk).stream().map(l -> l.at("/text").asString()).toList();
    }

    @Test
    void a_line_is_kept_as_typed_and_understood_beside_it() throws Exception {
        Desk.Answer kept = desk.type(meeting, "A: Tom ring the yard by Friday");

        assertThat(kept.text("/0/text")).isEqualTo("A: Tom ring the yard by Friday");
        assertThat(kept.text("/0/understood/mark")).isEqualTo("ACTION");
        assertThat(kept.text("/0/understood/owner")).isEqualTo("Tom Reyes");
        assertThat(kept.text("/0/understood/due")).isEqualTo("2026-03-06");
        assertThat(kept.text("/0/typedAt")).isEqualTo("2026-03-03T09:31:00Z");
        assertThat(texts()).containsExactly("A: Tom ring the yard by Friday");
    }

    @Test
    void the_same_line_sent_twice_is_one_and_a_late_copy_of_it_changes_nothing() throws Exception {
        UUID name = UUID.randomUUID();
        desk.store("/api/meetings/{id}/page", Desk.typed(name, 2, "roller is in"), meeting);
        desk.store("/api/meetings/{id}/page", Desk.typed(name, 2, "roller is in"), meeting);
        desk.store("/api/meetings/{id}/page", Desk.typed(name, 1, "roll"), meeting);

        assertThat(texts()).containsExactly("roller is in");
    }

    @Test
    void who_types_first_holds_the_pen_and_others_add_below_the_rule() throws Exception {
        Desk ana = colleague("Ana Prokop");
        desk.type(meeting, "roller is in");
        ana.type(meeting, "and paid");

        assertThat(lines(ana)).extracting(l -> l.at("/text").asString()).containsExactly("roller is in", "and paid");
        assertThat(lines(ana)).extracting(l -> l.at("/beside").asBoolean()).containsExactly(false, true);
        assertThat(lines(ana).get(1).at("/by/name").asString()).isEqualTo("Ana Prokop");
    }

    @Test
    void nobody_overwrites_a_line_without_the_pen_and_what_they_wrote_is_kept_below() throws Exception {
        Desk ana = colleague("Ana Prokop");
        UUID name = UUID.randomUUID();
        desk.store("/api/meetings/{id}/page", Desk.typed(name, 1, "roller is in"), meeting);

        ana.store("/api/meetings/{id}/page", Desk.typed(name, 9, "roller is broken"), meeting);
        ana.store("/api/meetings/{id}/page", Desk.typed(name, 9, "roller is broken"), meeting);

        assertThat(texts()).containsExactly("roller is in", "roller is broken");
        assertThat(lines(desk).get(1).at("/beside").asBoolean()).isTrue();
    }

    @Test
    void the_pen_is_asked_for_and_given() throws Exception {
        Desk ana = colleague("Ana Prokop");
        desk.type(meeting, "roller is in");

        Desk.Answer asked = ana.create("/api/meetings/{id}/pen", "{}", meeting);
        assertThat(asked.text("/holder/name")).isEqualTo("Mira Voss");
        assertThat(asked.text("/askedBy/name")).isEqualTo("Ana Prokop");

        Desk.Answer given = desk.remove("/api/meetings/{id}/pen", meeting);
        assertThat(given.text("/holder/name")).isEqualTo("Ana Prokop");
        assertThat(given.at("/askedBy").isNull()).isTrue();

        ana.type(meeting, "fender next");
        assertThat(lines(ana)).noneMatch(l -> l.at("/beside").asBoolean());
    }

    @Test
    void the_pen_can_be_kept_by_its_holder_alone() throws Exception {
        Desk ana = colleague("Ana Prokop");
        desk.type(meeting, "roller is in");
        ana.create("/api/meetings/{id}/pen", "{}", meeting);

        assertThat(ana.remove("/api/meetings/{id}/pen", meeting).text("/holder/name"))
                .isEqualTo("Mira Voss");
        assertThat(desk.store("/api/meetings/{id}/pen", "{}", meeting)
                        .at("/askedBy")
                        .isNull())
                .isTrue();
    }

    @Test
    void minutes_are_drafted_from_it_and_anew_from_what_was_added() throws Exception {
        desk.type(meeting, "A: Tom ring the yard by Friday");
        Desk.Answer draft = desk.draft(meeting);
        assertThat(draft.at("/lines"))
                .extracting(l -> l.at("/text").asString())
                .anyMatch(t -> t.startsWith("Tom Reyes to ring the yard"));

        desk.type(meeting, "D: keep the roller");
        Desk.Answer again = desk.draft(meeting);
        assertThat(again.at("/sources")).hasSize(1);
        assertThat(again.at("/lines")).extracting(l -> l.at("/kind").asString()).contains("ACTION", "DECISION");
    }

    @Test
    void lines_that_look_like_somebodys_words_stay_notes() throws Exception {
        desk.type(meeting, "Tom: the yard will ring");
        desk.type(meeting, "Mira: good");

        assertThat(desk.draft(meeting).at("/sources/0/notes").asBoolean()).isTrue();
    }

    @Test
    void a_meeting_without_a_word_has_nothing_to_draft_from() throws Exception {
        assertThat(desk.draft(meeting).status()).isEqualTo(409);
    }
}
