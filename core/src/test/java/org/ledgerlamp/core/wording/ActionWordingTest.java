package org.ledgerlamp.core.wording;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ledgerlamp.core.Skerry;

/** What somebody is to do is told by the owner's name and the deed. */
class ActionWordingTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "I'll tell the harbour office.|Mira Voss to tell the harbour office.",
                "I'll order the roller by Friday, they shut at four.|Mira Voss to order the roller by Friday.",
                "I'll send you the drawings tomorrow.|Mira Voss to send the drawings tomorrow.",
                "I'll have the drawings with you by Friday.|Mira Voss to have the drawings by Friday.",
                "I'll run the load test on that.|Mira Voss to run the load test.",
                "I'll have the auction list for you all on Monday.|Mira Voss to have the auction list for everybody on Monday.",
                "I'll do the drawings by, um, Friday.|Mira Voss to do the drawings by Friday.",
                "Somebody has to look at the wording on the board, Mira.|Mira Voss to look at the wording on the board.",
            })
    void who_gets_it_and_what_it_is_about_are_left_out_where_they_cannot_be_told(String said, String line) {
        assertThat(ActionWording.of(Skerry.MIRA, said, Scenes.mira())).contains(line);
    }

    @ParameterizedTest
    @CsvSource({
        "I'll see her this afternoon.",
        "I'll get Ana on to it.",
        "I'll do it on Friday.",
        "'I''ll do that, before the twentieth.'",
        "'I''ll speak to him in January.'",
        "I'll ask Mira about the roller tonight."
    })
    void without_anybody_or_anything_it_is_done_to_there_are_no_words(String said) {
        assertThat(ActionWording.of(Skerry.MIRA, said, Scenes.mira())).isEmpty();
    }

    @Test
    void whoever_takes_it_on_is_its_owner_where_nobody_knows_who_speaks() {
        assertThat(ActionWording.of(
                        Skerry.MIRA, "Yes, I'll ring the yard about the fender by Friday.", Scenes.nobodyKnown()))
                .contains("Mira Voss to ring the yard about the fender by Friday.");
    }

    @Test
    void it_is_what_the_request_before_named() {
        assertThat(ActionWording.of(
                        Skerry.MIRA,
                        "I'll have it to you Wednesday morning.",
                        Scenes.mira("Mira, can you redraw the support sheet?")))
                .contains("Mira Voss to have the support sheet Wednesday morning.");
    }

    @Test
    void what_nobody_took_is_told_from_its_verb_on() {
        assertThat(ActionWording.of(null, "Somebody has to redo the consent forms.", Scenes.mira()))
                .contains("Redo the consent forms.");
        assertThat(ActionWording.of(null, "Somebody'll need to make a new board, mind.", Scenes.mira()))
                .contains("Make a new board.");
        assertThat(ActionWording.of(null, "Someone should really tell the yard to change the account.", Scenes.mira()))
                .contains("Tell the yard to change the account.");
        assertThat(ActionWording.of(null, "Book the crane for Monday.", Scenes.mira()))
                .contains("Book the crane for Monday.");
    }
}
