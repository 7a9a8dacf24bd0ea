package org.ledgerlamp.core.minutes;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class AntecedentTest {
    @Test
    void many_are_sought_for_them_and_one_for_it() {
        String said = "the berth drawings came with a letter from the yard";

        assertThat(Antecedent.of("them", said)).contains("the berth drawings");
        assertThat(Antecedent.of("it", "the yard has the transformer")).contains("the transformer");
    }

    @Test
    void a_sentence_without_a_thing_points_to_none() {
        assertThat(Antecedent.of("it", "well, could you")).isEmpty();
    }
}
