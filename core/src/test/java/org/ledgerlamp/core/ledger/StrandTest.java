package org.ledgerlamp.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.core.ledger.Strand.FigureCourse;
import org.ledgerlamp.core.ledger.Strand.Point;
import org.ledgerlamp.core.ledger.Strand.Text;

/** A subject is followed through time, with the figures said about it and about nothing else. */
class StrandTest {
    private static Text text(String id, String day, String words) {
        return new Text(id, LocalDate.parse(day), words);
    }

    private static final List<Text> TOLD = List.of(
            text("9.2", "2026-03-10", "The charging mast is at €46,500 now. The ramp costs €9,000."),
            text("4.1", "2026-01-12", "Order the charging mast for 42,000 euros."),
            text("6.3", "2026-02-02", "The charging mast takes nine weeks, and 44,000 euros with the foundation."));

    @Test
    void places_come_in_the_order_they_were_said() {
        assertThat(Strand.of("charging mast", TOLD).places())
                .extracting(p -> p.text().id())
                .containsExactly("4.1", "6.3", "9.2");
    }

    @Test
    void a_figure_said_more_than_once_is_a_course_through_time() {
        assertThat(Strand.of("charging mast", TOLD).courses()).singleElement().satisfies(c -> {
            assertThat(c.unit()).isEqualTo("€");
            assertThat(c.points()).extracting(Point::value).containsExactly(42_000.0, 44_000.0, 46_500.0);
        });
    }

    @Test
    void what_is_said_again_on_the_same_day_stands_once_and_one_day_is_no_course() {
        List<Text> day = List.of(
                text("4.1", "2026-01-12", "The charging mast is 42,000 euros."),
                text("p7", "2026-01-12", "So the charging mast is 42,000 euros."));

        assertThat(Strand.of("charging mast", day).courses()).isEmpty();
        List<Text> days = new ArrayList<>(day);
        days.add(text("9.2", "2026-03-10", "The charging mast is at €46,500 now."));
        assertThat(Strand.of("charging mast", days).courses().getFirst().points())
                .extracting(Point::placeId)
                .containsExactly("4.1", "9.2");
    }

    @Test
    void what_is_said_of_something_else_in_the_same_place_is_left_out() {
        assertThat(Strand.of("charging mast", TOLD).places().getLast().figures())
                .hasSize(1);
    }

    @Test
    void other_forms_of_the_words_speak_of_it_too_and_half_of_them_do_not() {
        assertThat(Strand.speaksOf("charging mast", "Both masts charge at night"))
                .isTrue();
        assertThat(Strand.speaksOf("charging mast", "The mast is bent")).isFalse();
        assertThat(Strand.speaksOf("", "The mast is bent")).isFalse();
    }

    @Test
    void figures_of_different_units_are_different_courses() {
        List<Text> more = List.of(
                text("1.1", "2026-01-01", "The hull trial took 3 weeks and cost €100."),
                text("2.1", "2026-02-01", "The hull trial took 5 weeks and cost €120."),
                text("3.1", "2026-03-01", "The hull trial cost €150."));

        assertThat(Strand.of("hull trial", more).courses())
                .extracting(FigureCourse::unit)
                .containsExactly("€", "weeks");
    }
}
