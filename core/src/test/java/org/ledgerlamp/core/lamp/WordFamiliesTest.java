package org.ledgerlamp.core.lamp;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WordFamiliesTest {
    @ParameterizedTest
    @CsvSource({"electricity,electrician", "insurer,insurance", "inspect,inspection", "contractor,contract"})
    void words_made_of_one_another_have_one_root(String one, String other) {
        assertThat(WordFamilies.root(one)).isEqualTo(WordFamilies.root(other));
    }

    @ParameterizedTest
    @CsvSource({"charger,charity", "ferry,ferment", "mast,master", "berth,berry"})
    void words_that_only_begin_alike_have_not(String one, String other) {
        assertThat(WordFamilies.root(one)).isNotEqualTo(WordFamilies.root(other));
    }

    @Test
    void a_word_asks_for_its_family_as_far_as_the_ledger_holds_it() {
        LedgerWords words = new CountedWords(40, Map.of("electrician", 3, "electric", 2, "elect", 9));

        assertThat(words.family("electricity")).containsExactlyInAnyOrder("electricity", "electrician", "electric");
    }
}
