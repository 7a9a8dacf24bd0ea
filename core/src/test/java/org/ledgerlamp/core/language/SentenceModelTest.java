package org.ledgerlamp.core.language;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class SentenceModelTest {
    private final SentenceVectors vectors = SentenceVectors.shared();

    private double similarity(String a, String b) {
        float[][] two = vectors.of(List.of(a, b));
        return SentenceVectors.similarity(two[0], two[1]);
    }

    @Test
    void sentences_that_mean_alike_lie_nearer_than_those_that_do_not() {
        String said = "Two people stay at the plug until then.";

        assertThat(similarity(said, said)).isCloseTo(1, within(0.001));
        assertThat(similarity(said, "Keep two crew at the charging plug for now."))
                .isGreaterThan(similarity(said, "The council wants the timetable in May."));
    }

    @Test
    void every_vector_has_length_one_also_that_of_nothing() {
        for (float[] vector : vectors.of(List.of("", "Yes.", "word ".repeat(500)))) {
            double square = 0;
            for (float x : vector) {
                square += x * x;
            }
            assertThat(square).isCloseTo(1, within(0.001));
        }
        assertThat(vectors.of(List.of())).isEmpty();
    }

    @Test
    void a_word_is_the_rarer_the_less_often_it_is_written() {
        assertThat(SentenceVectors.rarity("the")).isZero();
        assertThat(SentenceVectors.rarity("time")).isLessThan(SentenceVectors.rarity("freight"));
        assertThat(SentenceVectors.rarity("skarnessholm")).isEqualTo(1);
    }
}
