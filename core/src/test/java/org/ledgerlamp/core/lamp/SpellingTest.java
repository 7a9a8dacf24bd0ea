package org.ledgerlamp.core.lamp;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpellingTest {
    private static final Map<String, Integer> SAID =
            Map.of("norrvik", 12, "gangway", 9, "pantograph", 4, "skarness", 3, "skarnes", 1);

    @ParameterizedTest
    @CsvSource({"norvik,norrvik", "gagnway,gangway", "pantogrpah,pantograph", "pantogaf,", "xorrvik,"})
    void a_slip_of_the_fingers_is_mended(String typed, String meant) {
        assertThat(Spelling.nearest(typed, SAID).orElse(null)).isEqualTo(meant);
    }

    @Test
    void a_word_of_the_language_was_meant_as_it_stands() {
        assertThat(Spelling.nearest("flat", Map.of("flam", 4))).isEmpty();
        assertThat(Spelling.nearest("rise", Map.of("risk", 4))).isEmpty();
        assertThat(Spelling.nearest("orchard", Map.of("orchids", 4))).isEmpty();
    }

    @Test
    void of_two_as_near_the_one_said_more_often_is_meant() {
        assertThat(Spelling.nearest("skarnesz", SAID)).contains("skarness");
    }

    @Test
    void neighbours_swapped_are_one_slip() {
        assertThat(Spelling.slips("mast", "masts")).isEqualTo(1);
        assertThat(Spelling.slips("kabel", "kable")).isEqualTo(1);
        assertThat(Spelling.slips("", "abc")).isEqualTo(3);
    }
}
