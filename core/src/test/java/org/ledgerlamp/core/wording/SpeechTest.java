package org.ledgerlamp.core.wording;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ledgerlamp.core.Skerry;

class SpeechTest {
    private static final List<org.ledgerlamp.core.people.Person> PEOPLE = List.of(Skerry.TOM, Skerry.MIRA);

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "So, um, yeah, we keep it.|we keep it",
                "Okay. Right, the the roller is on.|the roller is on",
                "I mean, it costs 1,100 a week!|it costs 1,100 a week",
                "No, we don't.|we don't",
                "No diesel on Mondays.|No diesel on Mondays",
                "Right side first, then left.|Right side first, then left",
                "It's six, I'd say, and no more.|It's six and no more",
                "The yard is shut, isn't it?|The yard is shut",
                "Hang on, Tom, the keys are gone.|the keys are gone",
                "can you ring the yard, Tom?|can you ring the yard?",
                "Tom rings the yard|Tom rings the yard",
                "Good.|Good",
                "The board wants painting, mind.|The board wants painting",
            })
    void what_writing_leaves_out_goes_and_what_carries_meaning_stays(String said, String written) {
        assertThat(Speech.cleaned(said, PEOPLE)).isEqualTo(written);
    }

    @Test
    void a_quotation_loses_hesitations_and_nothing_else() {
        assertThat(Speech.verbatim("So, um, we, we do it twice, Tom.")).isEqualTo("So, we do it twice, Tom.");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "we keep it|We keep it.",
                "really?|Really?",
                "who pays??|Who pays?",
                "stop!!|Stop!",
                "élan|Élan.",
                "''|''"
            })
    void a_sentence_begins_large_and_ends(String text, String sentence) {
        assertThat(Speech.sentence(text)).isEqualTo(sentence);
    }

    @Test
    void a_name_or_an_acronym_keeps_its_capital() {
        assertThat(Speech.lowerFirst("Order two", PEOPLE)).isEqualTo("order two");
        assertThat(Speech.lowerFirst("Tom has it", PEOPLE)).isEqualTo("Tom has it");
        assertThat(Speech.lowerFirst("AC supply", PEOPLE)).isEqualTo("AC supply");
    }
}
