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
            })
    void openers_hesitation_and_stammers_go_what_carries_meaning_stays(String said, String clean) {
        assertThat(Phrases.clean(said)).isEqualTo(clean);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "I'll do it with my crew|Tom Reyes will do it with Tom Reyes's crew",
                "they told me that I'm late|they told Tom Reyes that Tom Reyes is late",
                "I've seen it myself|Tom Reyes has seen it Tom Reyes",
                "I think Mimi's island is mine|Tom Reyes thinks Mimi's island is Tom Reyes's",
                "in the time I had|in the time Tom Reyes had"
            })
    void the_first_person_becomes_the_speaker_and_no_part_of_a_word_does(String said, String turned) {
        assertThat(Phrases.thirdPerson(said, Skerry.TOM)).isEqualTo(turned);
        assertThat(Phrases.thirdPerson(said, null)).isEqualTo(said);
    }

    @Test
    void you_becomes_the_one_addressed() {
        assertThat(Phrases.addressed("send you your young drawings", Skerry.ANA))
                .isEqualTo("send Ana Prokop Ana Prokop's young drawings");
        assertThat(Phrases.addressed("send you", null)).isEqualTo("send you");
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
        assertThat(Phrases.brief(plain).split(" ")).hasSize(19);
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
