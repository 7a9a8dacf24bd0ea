package org.ledgerlamp.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.core.Skerry;
import org.ledgerlamp.core.language.SentenceVectors;

/** A finding is judged as a whole: beside its like, and by what the rest of the talk makes of it. */
class WholeFindingsTest {
    private static final String[] TALK = {
        "Mira Voss: We replace the northern fender before the frost.",
        "Tom Reyes: I'll order the rubber for it by Friday.",
        "Ana Prokop: The fender plate fits both faces.",
        "Joss Lindqvist: Easter is short of two deckhands.",
        "Petra Holt: The council wants the timetable.",
        "Joss Lindqvist: Both deckhands hold a licence.",
        "Petra Holt: The printer wants it in May.",
        "Ana Prokop: The pier light is out again.",
        "Tom Reyes: A bulb, nothing more.",
        "Joss Lindqvist: The radio is fine.",
        "Petra Holt: The auditor comes in spring.",
        "Ana Prokop: The crane was greased.",
        "Tom Reyes: The winch too.",
        "Joss Lindqvist: Nobody was late.",
        "Petra Holt: The flags are washed.",
        "Mira Voss: So the northern fender is replaced before the frost."
    };

    private static final int LONG = 1_000;

    private final Talk talk = new Talk(Skerry.talk(TALK), Skerry.meeting());

    private Finding found(Kind kind, int sentence, double certainty) {
        Sentence s = talk.sentences().get(sentence);
        return Finding.told(kind, s, new Judgement(), List.of(talk.evidence(s))).asCertainAs(certainty);
    }

    private List<FeaturedFinding> featured(double likelihood, Finding... findings) {
        int n = talk.sentences().size();
        double[][] probabilities = new double[n][Weights.COLUMNS.size()];
        for (Finding f : findings) {
            probabilities[f.utterance()][Weights.column(f.kind())] = likelihood;
        }
        List<InContext> context = IntStream.range(0, n)
                .mapToObj(i -> new InContext(new double[Weights.COLUMNS.size()], new float[SentenceVectors.SIZE]))
                .toList();
        return new FindingFeatures(talk, List.of(), context, probabilities).of(List.of(findings));
    }

    @Test
    void the_less_likely_of_two_that_say_the_same_is_told_so() {
        List<FeaturedFinding> both = featured(0.5, found(Kind.DECISION, 0, 0.6), found(Kind.DECISION, 15, 0.5));

        assertThat(both.get(0).features())
                .containsEntry("finding:said by a likelier one", 0.0)
                .containsEntry("finding:rank", 0.0);
        assertThat(both.get(1).features().get("finding:said by a likelier one")).isGreaterThan(0.7);
        assertThat(both.get(1).features().get("finding:rank")).isPositive();
    }

    @Test
    void another_kind_beside_it_is_told_and_is_no_rival_in_rank() {
        List<FeaturedFinding> both = featured(0.5, found(Kind.DECISION, 0, 0.5), found(Kind.ACTION, 1, 0.9));
        List<FeaturedFinding> alone = featured(0.5, found(Kind.DECISION, 0, 0.5));

        assertThat(both.getFirst().features().get("finding:an action beside"))
                .isGreaterThan(alone.getFirst().features().get("finding:an action beside"));
        assertThat(both.getFirst().features()).containsEntry("finding:likelier in the exchange", 0.0);
    }

    @Test
    void what_the_talk_comes_back_to_far_behind_is_told_apart_from_what_it_says_once() {
        List<FeaturedFinding> found = featured(0.5, found(Kind.DECISION, 0, 0.5), found(Kind.POINT, 7, 0.5));

        assertThat(found.get(0).features().get("finding:said again")).isGreaterThan(0.7);
        assertThat(found.get(0).features().get("finding:times said again")).isPositive();
        assertThat(found.get(1).features()).containsEntry("finding:said again", 0.0);
    }

    @Test
    void what_rules_speak_against_keeps_only_the_share_they_leave() {
        Weights even = new Weights(Map.of(Weights.FINDING_BIAS, new double[Weights.COLUMNS.size()]));
        List<FeaturedFinding> findings = featured(0.9, found(Kind.DECISION, 0, 0.9), found(Kind.DECISION, 2, 0.72));

        List<Finding> judged = new FindingClassifier(even, LONG).judged(findings);

        assertThat(judged.get(0).certainty()).isCloseTo(0.5, within(0.001));
        assertThat(judged.get(1).certainty()).isCloseTo(0.4, within(0.001));
    }

    @Test
    void what_a_rule_is_sure_of_is_drafted_in_a_short_talk_and_offered_in_a_long_one() {
        double[] never = new double[Weights.COLUMNS.size()];
        never[Weights.column(Kind.DECISION)] = -20;
        Weights doubtful = new Weights(Map.of(Weights.FINDING_BIAS, never));
        Finding decision = found(Kind.DECISION, 0, 0.5);
        List<FeaturedFinding> claimed = List.of(new FeaturedFinding(decision, Map.of(), 0.9, 1));

        assertThat(new FindingClassifier(doubtful, 20).judged(claimed))
                .singleElement()
                .satisfies(f -> assertThat(f.certainty()).isGreaterThanOrEqualTo(Thresholds.drafting(Kind.DECISION)));
        assertThat(new FindingClassifier(doubtful, LONG).judged(claimed))
                .singleElement()
                .satisfies(f -> assertThat(f.certainty())
                        .isBetween(Thresholds.possible(Kind.DECISION), Thresholds.drafting(Kind.DECISION) - 0.1));
    }

    @Test
    void what_nothing_speaks_against_keeps_all_though_certainty_is_told_in_hundredths() {
        FeaturedFinding rounded =
                featured(0.394, found(Kind.DECISION, 0, 0.394)).getFirst();

        assertThat(rounded.left()).isEqualTo(1);
    }

    @Test
    void what_a_mark_says_is_certain_and_what_is_not_worth_offering_goes() {
        double[] never = new double[Weights.COLUMNS.size()];
        never[Weights.column(Kind.DECISION)] = -20;
        Weights doubtful = new Weights(Map.of(Weights.FINDING_BIAS, never));
        List<FeaturedFinding> findings =
                featured(0.9, found(Kind.DECISION, 0, NotesFinder.MARKED), found(Kind.DECISION, 2, 0.9));

        assertThat(new FindingClassifier(doubtful, LONG).judged(findings))
                .singleElement()
                .satisfies(f -> {
                    assertThat(f.utterance()).isZero();
                    assertThat(f.certainty()).isEqualTo(NotesFinder.MARKED);
                });
    }
}
