package org.ledgerlamp.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A line of the ledger is cited by its number; a number that measures something cites nothing. */
class CitationsTest {
    private static List<String> cited(String text) {
        return Citations.in(text).stream().map(Citations.Citation::written).toList();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "See 27.3 for the reasons.",
                "27.3",
                "ask Ana about 27.3",
                "As decided (27.3), the pilot starts in May.",
                "This replaces 27.3.",
                "“27.3” still stands",
                "27.3: no longer true",
                "Order the panes; see 27.3, which says why",
                "what 27.3 asks"
            })
    void a_line_is_cited_by_folio_and_number(String text) {
        assertThat(cited(text)).containsExactly("27.3");
    }

    @Test
    void several_lines_are_cited_in_the_order_they_are_written() {
        assertThat(cited("27.3 and 4.12 contradict 112.1")).containsExactly("27.3", "4.12", "112.1");
    }

    @Test
    void where_it_is_written_is_known() {
        String text = "Compare 27.3, please";
        assertThat(Citations.in(text).getFirst().span().of(text)).isEqualTo("27.3");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "27.3 percent of the crossings",
                "a budget of €27.3 million",
                "27.3 million is too much",
                "it draws 27.3 kW",
                "27.3%",
                "27.3m long",
                "about 27.3 of them",
                "version 27.3 of the plan",
                "update the Tern to software 27.3 now",
                "the ferry at 10.30 from Norrvik",
                "from 9.15 to 10.45",
                "call 127.0.0.1",
                "27.3.2026",
                "1,027.3 in all",
                "27.03 and 027.3",
                "0.5 or 5.0",
                "27.3/28.1",
                "B27.3"
            })
    void what_measures_something_or_tells_a_time_cites_nothing(String text) {
        assertThat(cited(text)).isEmpty();
    }
}
