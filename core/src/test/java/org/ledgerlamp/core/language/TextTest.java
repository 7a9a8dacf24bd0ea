package org.ledgerlamp.core.language;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TextTest {
    private static List<String> sentences(String text) {
        return Sentences.of(text).stream().map(s -> s.of(text)).toList();
    }

    @Test
    void sentences_end_where_a_reader_ends_them() {
        assertThat(sentences("Fine. It costs approx. 1.5 million, says Dr. Holt! \"Really?\" Yes… J. Reyes knows."))
                .containsExactly(
                        "Fine.",
                        "It costs approx. 1.5 million, says Dr. Holt!",
                        "\"Really?\"",
                        "Yes…",
                        "J. Reyes knows.");
    }

    @Test
    void talk_without_punctuation_is_parted_where_new_thoughts_begin() {
        String run = "so the transformer house slips three weeks because of the timber and we cannot do much about that"
                + " can you ring the council about the inspection and i'll tell the yard to leave the cable where it is";

        assertThat(sentences(run)).hasSizeGreaterThan(2).anySatisfy(s -> assertThat(s)
                .startsWith("can you ring"));
        assertThat(String.join(" ", sentences(run))).isEqualTo(run);
    }

    @Test
    void nothing_yields_no_sentence() {
        assertThat(Sentences.of("  ")).isEmpty();
        assertThat(sentences("...")).containsExactly("...");
    }

    @ParameterizedTest
    @CsvSource({
        "batteries,battery",
        "charging,charg",
        "charged,charg",
        "charges,charge",
        "boxes,box",
        "planned,plan",
        "glass,glass",
        "status,status",
        "yard's,yard",
        "bus,bus"
    })
    void a_stem_joins_a_words_endings(String word, String stem) {
        assertThat(Words.stem(word)).isEqualTo(stem);
    }

    @Test
    void content_leaves_out_what_says_nothing() {
        assertThat(Words.content("So I think we should, um, order the laminated panes by then, OK?"))
                .containsExactly("order", "laminat", "pane");
    }

    @Test
    void overlap_is_the_share_of_the_smaller_set() {
        assertThat(Words.overlap(Set.of("a", "b"), Set.of("b", "c", "d"))).isEqualTo(0.5);
        assertThat(Words.overlap(Set.of(), Set.of("b"))).isZero();
    }
}
