package org.ledgerlamp.core.minutes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ledgerlamp.core.Skerry;

class PhrasesTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "So, um, yeah, we keep it.|we keep it",
                "Okay. Right, the the roller is on.|the roller is on",
                "I mean, it costs 1,100 a week!|it costs 1,100 a week",
                "Well, I think the yard has it.|the yard has it",
                "Good.|Good",
                "No, we don't.|we don't",
                "No diesel on Mondays.|No diesel on Mondays",
                "Right side first, then left.|Right side first, then left",
                "It's six, I'd say, and no more.|It's six and no more",
            })
    void openers_hesitation_and_stammers_go_what_carries_meaning_stays(String said, String clean) {
        assertThat(Phrases.clean(said)).isEqualTo(clean);
    }

    @Test
    void a_person_called_at_either_end_is_no_part_of_what_is_said() {
        assertThat(Phrases.withoutVocative("Tom, ring the yard", List.of(Skerry.TOM)))
                .isEqualTo("ring the yard");
        assertThat(Phrases.withoutVocative("can you ring the yard, Tom?", List.of(Skerry.TOM)))
                .isEqualTo("can you ring the yard?");
        assertThat(Phrases.withoutVocative("Tom rings the yard", List.of(Skerry.TOM)))
                .isEqualTo("Tom rings the yard");
    }

    @Test
    void long_words_are_cut_where_a_clause_ends_or_said_to_be_cut() {
        String clause = "the transformer house is late because of the timber, ";
        String plain = "word ".repeat(40).strip();

        assertThat(Phrases.shortened(clause.repeat(5))).endsWith("timber").doesNotContain("…");
        assertThat(Phrases.shortened(plain)).endsWith(" …");
        assertThat(Phrases.shortened(plain, 18).split(" ")).hasSize(19);
        assertThat(Phrases.shortened("short enough")).isEqualTo("short enough");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"we keep it|We keep it.", "really?|Really?", "élan|Élan.", "''|''"})
    void a_sentence_begins_large_and_ends(String text, String sentence) {
        assertThat(Phrases.sentence(text)).isEqualTo(sentence);
    }
}
