package org.ledgerlamp.core.lamp;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.ledgerlamp.core.lamp.WordSearch.By;
import org.ledgerlamp.core.lamp.WordSearch.Narrowing;

class WordSearchTest {
    @Test
    void what_narrows_is_told_from_what_is_looked_for() {
        WordSearch search = WordSearch.read(
                "kind:decision charging mast series:\"Steering group\" Owner:Tom when:\"last quarter\"");

        assertThat(search.words().strip()).isEqualTo("charging mast");
        assertThat(search.narrowings())
                .containsExactly(
                        new Narrowing(By.KIND, "decision"),
                        new Narrowing(By.SERIES, "Steering group"),
                        new Narrowing(By.OWNER, "Tom"),
                        new Narrowing(By.WHEN, "last quarter"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"at 10:30", "berth: the old one", "unkind:yes", "kind: decision", "https://kind"})
    void a_colon_alone_narrows_nothing(String typed) {
        assertThat(WordSearch.read(typed)).isEqualTo(new WordSearch(typed, List.of()));
    }

    @Test
    void a_quote_that_is_still_open_ends_with_what_was_typed() {
        assertThat(WordSearch.read("series:\"Steer").narrowings()).containsExactly(new Narrowing(By.SERIES, "Steer"));
        assertThat(WordSearch.read("series:\"\" mast").narrowings()).isEmpty();
    }

    @Test
    void the_last_word_may_be_unfinished_as_long_as_nothing_stands_behind_it() {
        assertThat(WordSearch.read("charging mas").isOpenEnded()).isTrue();
        assertThat(WordSearch.read("charging mast ").isOpenEnded()).isFalse();
        assertThat(WordSearch.read("charging mast kind:decision").isOpenEnded()).isFalse();
        assertThat(WordSearch.read("\"charging mast\"").isOpenEnded()).isFalse();
        assertThat(WordSearch.read("m").isOpenEnded()).isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"\"charging mast\"", "mast -ramp", "char*", "mast | ramp", "(mast)", "mats~1"})
    void phrases_and_signs_are_no_plain_words(String typed) {
        assertThat(WordSearch.read(typed).isPlain()).isFalse();
    }

    @Test
    void plain_words_may_have_a_hyphen() {
        WordSearch search = WordSearch.read("roll-on ramp");

        assertThat(search.isPlain()).isTrue();
        assertThat(search.each()).containsExactly("roll", "ramp");
        assertThat(WordSearch.read("  kind:risk ").isPlain()).isFalse();
    }

    @Test
    void words_that_carry_no_meaning_are_not_looked_for_unless_there_are_no_others() {
        assertThat(WordSearch.read("the delay of the charger").each()).containsExactly("delay", "charger");
        assertThat(WordSearch.read("the delay of the").isOpenEnded()).isFalse();
        assertThat(WordSearch.read("who are they").each()).isNotEmpty();
    }
}
