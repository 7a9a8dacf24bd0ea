package org.ledgerlamp.core.wording;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.core.Skerry;

class QuotationTest {
    private static Optional<String> quoted(String said, String... before) {
        return quoted(Quotation.Rigour.STRICT, said, before);
    }

    private static Optional<String> quoted(Quotation.Rigour rigour, String said, String... before) {
        return Quotation.of(said, Skerry.MIRA, List.of(), Scenes.mira(before), 3, rigour);
    }

    @Test
    void stands_under_what_it_is_about_with_the_words_as_said() {
        assertThat(quoted(
                        "So it has to go before the frost or we do it twice.",
                        "The fender is cracked again, and the fender was new."))
                .contains("Fender. Mira Voss: “It has to go before the frost or we do it twice.”");
    }

    @Test
    void needs_no_matter_that_it_names_itself() {
        assertThat(quoted("The fender has to go before the frost or we do it twice.", "The fender is cracked."))
                .contains("Mira Voss: “The fender has to go before the frost or we do it twice.”");
    }

    @Test
    void of_words_that_say_nothing_or_break_off_there_is_none() {
        assertThat(quoted("Yes.")).isEmpty();
        assertThat(quoted("I would have thought that the")).isEmpty();
        assertThat(quoted("We could do that then.")).isEmpty();
    }

    @Test
    void of_what_is_settled_without_a_verb_is_taken_only_where_that_is_asked_for() {
        String said = "No tinsel in the window till the sixteenth of November.";

        assertThat(quoted(said)).isEmpty();
        assertThat(quoted(Quotation.Rigour.SOME, said))
                .contains("Mira Voss: “No tinsel in the window till the sixteenth of November.”");
        assertThat(quoted(Quotation.Rigour.SOME, "No, tinsel in the window till the sixteenth of November."))
                .as("a no that only takes the turn")
                .contains("Mira Voss: “Tinsel in the window till the sixteenth of November.”");
    }

    @Test
    void of_a_sure_promise_is_short_and_without_its_matter_where_that_cannot_be_told() {
        assertThat(quoted(Quotation.Rigour.SOME, "I'll phone him tonight.")).isEmpty();
        assertThat(quoted(Quotation.Rigour.NONE, "I'll phone him tonight."))
                .contains("Mira Voss: “I'll phone him tonight.”");
    }

    @Test
    void is_told_from_other_lines_by_its_form_alone() {
        String line = "Fender. Mira Voss: “It has to go.”";
        assertThat(QuotedText.in(line)).contains(new QuotedText("Fender", "Mira Voss", "It has to go."));
        assertThat(QuotedText.in(line).orElseThrow().text()).isEqualTo(line);
        assertThat(QuotedText.in("Paint the “Gannet” in May.")).isEmpty();
        assertThat(QuotedText.in("Mira Voss to call the yard.")).isEmpty();
    }
}
