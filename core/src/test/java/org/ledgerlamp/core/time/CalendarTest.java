package org.ledgerlamp.core.time;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CalendarTest {
    private static Calendar on(String day) {
        return new Calendar(LocalDate.parse(day), null);
    }

    @ParameterizedTest
    @CsvSource({
        "2026-03-02,MONDAY,2026-03-09",
        "2026-03-02,SUNDAY,2026-03-08",
        "2026-03-08,MONDAY,2026-03-09",
        "2026-12-31,FRIDAY,2027-01-01"
    })
    void the_coming_day_is_within_a_week_and_never_today(String today, DayOfWeek day, LocalDate coming) {
        assertThat(on(today).coming(day)).isEqualTo(coming);
    }

    @ParameterizedTest
    @CsvSource({"2026-03-02,FRIDAY,2026-03-13", "2026-03-08,MONDAY,2026-03-09", "2026-03-08,SUNDAY,2026-03-15"})
    void next_weeks_day_is_counted_from_monday(String today, DayOfWeek day, LocalDate next) {
        assertThat(on(today).ofNextWeek(day)).isEqualTo(next);
    }

    @ParameterizedTest
    @CsvSource({"2026-03-06,2026-03-06", "2026-03-07,2026-03-13", "2026-03-03,2026-03-06"})
    void the_week_ends_on_friday(String today, LocalDate end) {
        assertThat(on(today).endOfWeek()).isEqualTo(end);
    }

    @ParameterizedTest
    @CsvSource({"2026-01-15,1,2026-03-31", "2026-04-01,1,2027-03-31", "2026-04-01,4,2026-12-31"})
    void a_quarter_that_has_passed_is_next_years(String today, int quarter, LocalDate end) {
        assertThat(on(today).endOfQuarter(quarter)).isEqualTo(end);
    }

    @Test
    void a_month_is_cut_to_its_length_also_in_a_leap_year() {
        assertThat(on("2026-01-10").comingInMonth(Month.FEBRUARY, 31)).isEqualTo(LocalDate.of(2026, 2, 28));
        assertThat(on("2027-04-01").comingInMonth(Month.FEBRUARY, 31)).isEqualTo(LocalDate.of(2028, 2, 29));
        assertThat(on("2026-02-03").endOfMonth()).isEqualTo(LocalDate.of(2026, 2, 28));
    }

    @Test
    void a_day_of_the_month_is_the_coming_one_that_exists() {
        assertThat(on("2026-03-09").comingDayOfMonth(9)).isEqualTo(LocalDate.of(2026, 3, 9));
        assertThat(on("2026-03-10").comingDayOfMonth(9)).isEqualTo(LocalDate.of(2026, 4, 9));
        assertThat(on("2026-02-01").comingDayOfMonth(31)).isEqualTo(LocalDate.of(2026, 3, 31));
        assertThat(on("2026-02-01").comingDayOfMonth(32)).isNull();
    }
}
