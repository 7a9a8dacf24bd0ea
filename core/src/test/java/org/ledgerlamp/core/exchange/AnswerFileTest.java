package org.ledgerlamp.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.core.exchange.AnswerFile.Place;
import org.ledgerlamp.core.exchange.AnswerFile.Said;
import org.ledgerlamp.core.exchange.AnswerFile.Sheet;

class AnswerFileTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 2);
    private static final Sheet ANSWER = new Sheet(
            "What about <the> charger?",
            LocalDate.of(2026, 11, 27),
            "the whole ledger",
            true,
            List.of(
                    new Said(
                            DAY,
                            "",
                            "Buy the second charger.",
                            false,
                            List.of(new Place("22.2", "Steering group", DAY, "We buy it."))),
                    new Said(null, "Ivo", "=I'm against.", true, List.of(new Place("22", "Steering group", DAY, "")))),
            "who pays for it?");

    @Test
    void as_markdown_it_has_the_question_the_statements_by_day_and_what_they_rest_on() {
        assertThat(AnswerFile.markdown(ANSWER))
                .isEqualTo(
                        """
                        # What about \\<the\\> charger?

                        Asked of the whole ledger on 27 November 2026

                        ### 2 November 2026

                        - Buy the second charger. (22.2)
                        - Ivo: “=I'm against.” (folio 22)

                        The ledger does not say: who pays for it?

                        ## What it rests on

                        - 22.2 “We buy it.” (Steering group, 2 November 2026)
                        - 22 Steering group (2 November 2026)
                        """);
    }

    @Test
    void as_a_table_every_place_is_a_row_and_no_cell_a_formula() {
        assertThat(AnswerFile.table(ANSWER))
                .isEqualTo("date,who or what,statement,folio,meeting,words\r\n"
                        + "2026-11-02,,Buy the second charger.,22.2,Steering group,We buy it.\r\n"
                        + "2026-11-02,Ivo,'=I'm against.,22,Steering group,\r\n");
    }

    @Test
    void as_a_page_it_shows_what_was_typed_as_words() {
        assertThat(AnswerFile.html(ANSWER))
                .contains("What about &lt;the&gt; charger?")
                .doesNotContain("<the>");
    }

    @Test
    void what_the_ledger_does_not_say_is_said() {
        Sheet none = new Sheet("Why?", DAY, "folio 3", false, List.of(), null);

        assertThat(AnswerFile.markdown(none)).contains("The ledger does not say, and nothing in it comes near.");
    }
}
