package org.ledgerlamp.core.wording;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SenseTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "The fender went live on Monday",
                "Keep the late boat until October",
                "The team lost two sailings in the storm",
            })
    void a_whole_sentence_that_names_what_it_speaks_of_can_stand(String text) {
        assertThat(Sense.isStatement(text)).isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "October then",
                "It goes live on Monday at Skarness",
                "We lost two sailings in the storm",
                "The fender and the roller are with",
                "If you board at Holm you can sit",
                "So the fender went live on Monday",
                "Hundred over thirty in the second berth",
                "The yard carries a warehouse liability it's",
            })
    void fragments_and_what_points_elsewhere_cannot(String text) {
        assertThat(Sense.isStatement(text) && Sense.isTelling(text)).isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"order the roller", "ring the yard tomorrow", "not paint the hull"})
    void a_deed_begins_with_its_verb(String text) {
        assertThat(Sense.isDeed(text)).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"the roller", "do it", "send you the drawings", "order it with"})
    void what_is_no_deed_or_lacks_its_object_is_none(String text) {
        assertThat(Sense.isDeed(text)).isFalse();
    }
}
