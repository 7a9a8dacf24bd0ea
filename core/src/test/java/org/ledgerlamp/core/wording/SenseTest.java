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
                "If the shore supply fails there's no morning boat at all",
                "Close the gate, and if the inspector asks send her to Tom Reyes",
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
                "Until the team bring the second boat back",
                "Hold to the first of June, but if that list isn't in by May",
                "Dig out the last share offer, in",
                "The thing that gets Tom Reyes about the fender",
                "The plug adapter, which came back from the yard last week",
            })
    void fragments_and_what_points_elsewhere_cannot(String text) {
        assertThat(Sense.isStatement(text) && Sense.isTelling(text)).isFalse();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "order the roller",
                "ring the yard tomorrow",
                "not paint the hull",
                "email the list",
                "finally send the form",
                "let Tom Reyes know"
            })
    void a_deed_begins_with_its_verb(String text) {
        assertThat(Sense.isDeed(text)).isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "the roller",
                "do it",
                "send you the drawings",
                "order it with",
                "rang the yard",
                "behind a flag",
                "is the whole plan",
                "let Tom Reyes"
            })
    void what_is_no_deed_or_lacks_its_object_is_none(String text) {
        assertThat(Sense.isDeed(text)).isFalse();
    }
}
