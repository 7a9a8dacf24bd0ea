package org.ledgerlamp.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.core.language.Progress;
import org.ledgerlamp.core.language.SpokenSentence;

class ContextTest {
    private static final List<SpokenSentence> TALK = List.of(
            new SpokenSentence("Mira", "the cable for the charger is still at the yard"),
            new SpokenSentence("Tom", "shall we hire a van and fetch it on monday"),
            new SpokenSentence("Mira", "yes, let's do that"),
            new SpokenSentence("Tom", "then i'll book the van today"),
            new SpokenSentence("Ana", "the deckhand rota for easter has two gaps"),
            new SpokenSentence("Joss", "both deckhands asked for the extra shift"));

    private static List<InContext> read(List<SpokenSentence> talk) {
        return ContextClassifier.shipped().read(talk, Progress.UNWATCHED);
    }

    @Test
    void every_sentence_is_judged_for_every_kind_and_again_the_same() {
        List<SpokenSentence> long_ = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            long_.addAll(TALK);
        }

        List<InContext> first = read(long_);
        List<InContext> second = read(long_);

        assertThat(first).hasSize(long_.size());
        for (int i = 0; i < first.size(); i++) {
            assertThat(first.get(i).probabilities()).hasSize(Weights.COLUMNS.size());
            for (double probability : first.get(i).probabilities()) {
                assertThat(probability).isBetween(0.0, 1.0);
            }
            assertThat(second.get(i).probabilities())
                    .containsExactly(first.get(i).probabilities());
            assertThat(second.get(i).meaning()).containsExactly(first.get(i).meaning());
        }
    }

    @Test
    void a_promise_is_more_likely_an_action_than_the_rota_is() {
        List<InContext> read = read(TALK);

        int action = Weights.column(Kind.ACTION);
        assertThat(read.get(3).probabilities()[action])
                .isGreaterThan(read.get(4).probabilities()[action]);
    }

    @Test
    void what_a_sentence_means_lies_nearer_to_its_own_matter_than_to_the_next() {
        List<InContext> read = read(TALK);

        assertThat(distance(read.get(4), read.get(5))).isLessThan(distance(read.get(3), read.get(5)));
        assertThat(distance(read.get(0), read.get(1))).isLessThan(distance(read.get(0), read.get(5)));
    }

    @Test
    void judged_otherwise_it_means_the_same() {
        InContext read = read(TALK).getFirst();
        double[] otherwise = new double[Weights.COLUMNS.size()];

        assertThat(read.judged(otherwise).probabilities()).isSameAs(otherwise);
        assertThat(read.judged(otherwise).meaning()).isSameAs(read.meaning());
    }

    private static double distance(InContext a, InContext b) {
        double square = 0;
        for (int d = 0; d < a.meaning().length; d++) {
            double apart = a.meaning()[d] - b.meaning()[d];
            square += apart * apart;
        }
        return Math.sqrt(square);
    }
}
