package org.ledgerlamp.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.core.Skerry;
import org.ledgerlamp.core.language.Progress;

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
        Cohesion.addTo(
                features, talk, ContextClassifier.shipped().read(ContextClassifier.spoken(talk), Progress.UNWATCHED));
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
    void a_title_is_one_thing_that_is_named_again_and_again() {
        Talk talk = talk();
        double[][] unknown = new double[talk.sentences().size()][Weights.COLUMNS.size()];
        TopicTitles titles = new TopicTitles(talk, List.of(0, FENDERS.size()), unknown);

        assertThat(titles.of(0).orElseThrow()).containsIgnoringCase("fender");
        assertThat(titles.of(1).orElseThrow())
                .containsPattern("(?i)shift|rota|deckhand")
                .doesNotContain(" and ");
    }

    @Test
    void where_nothing_is_named_twice_there_is_no_title() {
        Talk talk = new Talk(
                Skerry.talk("Mira Voss: Good morning everyone.", "Tom Reyes: Morning, did you have a good journey?"),
                Skerry.meeting());
        double[][] unknown = new double[talk.sentences().size()][Weights.COLUMNS.size()];

        assertThat(new TopicTitles(talk, List.of(0), unknown).of(0)).isEmpty();
    }
}
