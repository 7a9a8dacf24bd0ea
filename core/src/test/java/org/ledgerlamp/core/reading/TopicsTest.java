package org.ledgerlamp.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.core.Skerry;
import org.ledgerlamp.core.language.SentenceVectors;

/** Where the talk turns, what a topic is called, and what names no matter. */
class TopicsTest {
    private static final List<String> FENDERS = List.of(
            "Tom Reyes: The rubber fender at the quay is split along the weld.",
            "Ana Prokop: The fender supplier wants three weeks for new rubber.",
            "Tom Reyes: We could turn the fender round and use the other face.",
            "Mira Voss: Does a turned fender take the same load?",
            "Tom Reyes: The fender plate is the same on both faces.",
            "Ana Prokop: Then the fender lasts until the rubber comes.");
    private static final List<String> ROTA = List.of(
            "Joss Lindqvist: The deckhand rota for Easter has two gaps.",
            "Mira Voss: Who can swap a shift on the rota?",
            "Joss Lindqvist: Two deckhands want the extra shift over Easter.",
            "Ana Prokop: The night shift needs a licensed deckhand.",
            "Joss Lindqvist: Both deckhands hold the licence.",
            "Mira Voss: Then the Easter shifts are filled.");

    private static Talk talk() {
        List<String> lines = new ArrayList<>(FENDERS);
        lines.addAll(ROTA);
        return new Talk(Skerry.talk(lines.toArray(String[]::new)), Skerry.meeting("Fender", "Easter rota"));
    }

    private static List<Map<String, Double>> cohesion(Talk talk) {
        List<Map<String, Double>> features = new ArrayList<>();
        talk.sentences().forEach(s -> features.add(new HashMap<>()));
        float[][] embeddings = SentenceVectors.shared()
                .of(talk.sentences().stream().map(Sentence::plain).toList());
        Cohesion.addTo(features, talk, embeddings);
        return features;
    }

    @Test
    void the_meaning_changes_most_where_the_talk_turns() {
        Talk talk = talk();
        List<Map<String, Double>> features = cohesion(talk);
        int turn = FENDERS.size();

        double there = features.get(turn).get("turn:another meaning");
        assertThat(there).isGreaterThan(features.get(2).get("turn:another meaning"));
        assertThat(there).isGreaterThan(features.get(turn + 4).get("turn:another meaning"));
        assertThat(features.get(turn).get("turn:other words"))
                .isGreaterThan(features.get(2).get("turn:other words"));
    }

    @Test
    void a_title_names_what_the_topic_opens_with_and_the_agenda_item_goes_first() {
        TopicTitles titles = new TopicTitles(talk(), List.of(0, FENDERS.size()));

        assertThat(titles.of(0, null)).containsIgnoringCase("fender");
        assertThat(titles.of(1, "Easter rota")).startsWith("Easter rota: ").doesNotContain("Easter rota: Easter");
    }

    @Test
    void people_numbers_and_days_name_no_matter() {
        Masked masked = new Masked(List.of(Skerry.TOM));

        assertThat(List.of("tom", "tom's", "reyes", "forty", "thirty-two", "1,100", "monday", "third"))
                .filteredOn(w -> !w.contains(","))
                .allMatch(masked::isNameOrNumber);
        assertThat(List.of("fender", "easter", "two-week")).noneMatch(masked::isNameOrNumber);
        assertThat(masked.words("tom sends 40 by friday, forty two?"))
                .containsExactly("@person", "sends", "@number", "by", "@day", ",", "@number", "?");
    }
}
