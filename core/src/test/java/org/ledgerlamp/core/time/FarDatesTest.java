package org.ledgerlamp.core.time;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Feasts, weeks of a month, days that have just passed, and the speech of the north. */
class FarDatesTest {
    private static final Calendar TUESDAY = new Calendar(LocalDate.of(2026, 3, 3), LocalDate.of(2026, 4, 7));

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "before Easter|2026-04-05",
                "in the second week of May|2026-05-08",
                "the last week in June|2026-06-26",
                "sometime in September|2026-09-30",
                "the Thursday before, the nineteenth|2026-03-19",
                "give me a fortnight|2026-03-17",
                "a week tomorrow|2026-03-11",
                "for the April one|2026-04-07",
                "at next month's meeting|2026-04-07",
                "bring us the numbers next time.|2026-04-07",
                "I'll put it in her tray now.|2026-03-03",
                "as soon as we're done here|2026-03-03",
                "I'll ring him the day.|2026-03-03",
                "by Setterday|2026-03-07",
                "email them tmrw|2026-03-04",
                "it's good to the thirtieth of this month|2026-03-30",
                "the second of next month|2026-04-02",
                "I have them on the twenty-third for first aid|2026-03-23",
                "by the middle of next week|2026-03-11",
                "in, um, April|2026-04-30",
                "next week I'm on site Thursday night|2026-03-12"
            })
    void are_resolved(String said, LocalDate date) {
        assertThat(SpokenDates.in(said, TUESDAY)).extracting(SpokenDate::date).containsExactly(date);
    }

    @Test
    void the_week_after_counts_from_the_day_before_it() {
        assertThat(SpokenDates.in("Done by the tenth, and I'll judge them the week after.", TUESDAY))
                .extracting(SpokenDate::date)
                .containsExactly(LocalDate.of(2026, 3, 10), LocalDate.of(2026, 3, 20));
        assertThat(SpokenDates.in("The week after she was back.", TUESDAY)).isEmpty();
    }

    @Test
    void a_day_that_has_just_passed_is_not_next_years() {
        assertThat(SpokenDates.in("since the twentieth of February", TUESDAY)).isEmpty();
        assertThat(SpokenDates.in("they came on the twentieth of February", TUESDAY))
                .singleElement()
                .satisfies(d -> assertThat(d.date()).isNull());
    }

    @Test
    void a_day_that_is_ruled_out_and_an_hour_of_the_night_are_no_dates() {
        assertThat(SpokenDates.in("but not this week", TUESDAY)).isEmpty();
        assertThat(SpokenDates.in("before it's three in the morning", TUESDAY)).isEmpty();
    }
}
