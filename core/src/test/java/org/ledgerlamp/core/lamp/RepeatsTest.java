package org.ledgerlamp.core.lamp;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

class RepeatsTest {
    private static final LocalDate MAY = LocalDate.of(2026, 5, 4);
    private static final LocalDate JUNE = LocalDate.of(2026, 6, 1);

    private static Statement said(LocalDate day, String meeting, String text) {
        return new Statement(day, "Tom", text, true, List.of(new Citation(meeting, null, 4, text)));
    }

    private static Statement recorded(LocalDate day, String meeting, String text) {
        return new Statement(day, "", text, false, List.of(new Citation(meeting, "line", 4, text)));
    }

    @Test
    void what_was_told_is_not_told_again() {
        Statement told = said(MAY, "05", "The mast is paid, and the paint on top of it.");

        assertThat(Repeats.without(List.of(told, said(null, "05", "The mast is paid, and the paint …"))))
                .containsExactly(told);
    }

    @Test
    void of_two_quotes_that_overlap_the_longer_stays_where_the_first_stood() {
        Statement first = said(MAY, "05", "We know them, they mended the ramp in a week.");
        Statement longer = said(null, "05", "I'd stay. We know them, they mended the ramp in a week.");
        Statement other = said(null, "05", "So would I.");

        assertThat(Repeats.without(List.of(first, other, longer)))
                .extracting(Statement::day, Statement::text)
                .containsExactly(tuple(MAY, longer.text()), tuple(null, other.text()));
    }

    @Test
    void what_follows_a_statement_that_was_left_out_keeps_the_day_of_its_meeting() {
        Statement may = said(MAY, "05", "The mast is paid, and the paint on top of it.");
        Statement june = said(JUNE, "06", "The ramp leaks at the hinge again.");
        Statement again = said(MAY, "05", "The mast is paid, and the paint on top of it.");
        Statement reply = said(null, "05", "By whom?");

        assertThat(Repeats.without(List.of(may, june, again, reply)).getLast()).isEqualTo(reply.on(MAY));
    }

    @Test
    void the_same_words_in_two_meetings_are_two_things() {
        List<Statement> both = List.of(
                said(MAY, "05", "The ramp leaks at the hinge again."),
                said(JUNE, "06", "The ramp leaks at the hinge again."));

        assertThat(Repeats.without(both)).isEqualTo(both);
    }

    @Test
    void lines_of_record_that_begin_alike_are_two_things() {
        List<Statement> both = List.of(
                recorded(MAY, "05", "Tom Reyes to bring the drawings of the ramp to the yard."),
                recorded(null, "05", "Tom Reyes to bring the drawings of the ramp to Ana."));

        assertThat(Repeats.without(both)).isEqualTo(both);
    }
}
