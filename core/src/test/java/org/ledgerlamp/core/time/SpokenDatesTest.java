package org.ledgerlamp.core.time;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Seen from Tuesday 3 March 2026; the series meets again on the 10th. */
class SpokenDatesTest {
    private static final Calendar CALENDAR = new Calendar(LocalDate.of(2026, 3, 3), LocalDate.of(2026, 3, 10));

    private static List<SpokenDate> in(String text) {
        return SpokenDates.in(text, CALENDAR);
    }

    @ParameterizedTest
    @CsvSource({
        "by Friday,2026-03-06",
        "by Thu,2026-03-05",
        "on Wed,2026-03-04",
        "by Sat,2026-03-07",
        "on Tuesday,2026-03-10",
        "next Tuesday,2026-03-10",
        "next Friday,2026-03-13",
        "a week on Tuesday,2026-03-17",
        "Thursday week,2026-03-12",
        "by the end of the week,2026-03-06",
        "next week,2026-03-13",
        "by the end of next week,2026-03-13",
        "Monday next week,2026-03-09",
        "tomorrow,2026-03-04",
        "tomorrow morning,2026-03-04",
        "the day after tomorrow,2026-03-05",
        "today,2026-03-03",
        "this afternoon,2026-03-03",
        "in a fortnight,2026-03-17",
        "in three weeks,2026-03-24",
        "within ten days,2026-03-13",
        "two weeks from now,2026-03-17",
        "in a couple of weeks,2026-03-17",
        "by the end of the month,2026-03-31",
        "end of April,2026-04-30",
        "mid June,2026-06-15",
        "early May,2026-05-05",
        "late May,2026-05-25",
        "by the ninth,2026-03-09",
        "on the 2nd of April,2026-04-02",
        "April 2,2026-04-02",
        "2 February,2027-02-02",
        "Friday the 13th,2026-03-13",
        "end of the quarter,2026-03-31",
        "by Q3,2026-09-30",
        "Q1,2026-03-31",
        "before the next one,2026-03-10",
        "for next time,2026-03-10",
        "first thing Monday,2026-03-09",
        "Monday noon,2026-03-09",
        "2026-05-17,2026-05-17",
        "12 May 2027,2027-05-12",
        "by the end of the year,2026-12-31"
    })
    void are_resolved_against_the_day_of_the_meeting(String said, LocalDate day) {
        assertThat(in("We need it " + said + "."))
                .singleElement()
                .extracting(SpokenDate::date)
                .isEqualTo(day);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "last Tuesday",
                "since Friday",
                "two weeks ago",
                "the first thing",
                "a second opinion",
                "we may go",
                "march on",
                "the sun is out",
                "for a third time",
                "it went sat down"
            })
    void what_lies_back_or_is_no_date_is_none(String said) {
        assertThat(in("It was " + said + ", I think."))
                .filteredOn(d -> d.date() != null)
                .isEmpty();
    }

    @Test
    void what_cannot_be_told_is_kept_as_words_beside_an_empty_date() {
        assertThat(in("I'll do it soon.")).singleElement().satisfies(d -> {
            assertThat(d.date()).isNull();
            assertThat(d.words()).isEqualTo("soon");
        });
    }

    @Test
    void as_soon_as_something_happens_is_no_date_as_soon_as_possible_is_an_open_one() {
        assertThat(in("I'll call you as soon as I have it.")).isEmpty();
        assertThat(in("We need it as soon as possible.")).singleElement().satisfies(d -> assertThat(d.date())
                .isNull());
    }

    @Test
    void the_words_carry_their_preposition_and_their_place() {
        String text = "I'll have it by the end of next week, not before Friday.";

        assertThat(in(text)).extracting(SpokenDate::words).containsExactly("by the end of next week", "before Friday");
        assertThat(in(text).getFirst().start()).isEqualTo(text.indexOf("the end of next week"));
    }

    @Test
    void a_day_that_no_month_has_is_no_date_but_was_said() {
        assertThat(in("by the 31st of June."))
                .allSatisfy(d -> assertThat(d.date()).isNull());
    }

    @Test
    void a_friday_meeting_means_the_coming_friday_by_friday_and_its_own_by_the_end_of_the_week() {
        Calendar friday = new Calendar(LocalDate.of(2026, 3, 6), null);

        assertThat(SpokenDates.in("by Friday.", friday).getFirst().date()).isEqualTo(LocalDate.of(2026, 3, 13));
        assertThat(SpokenDates.in("by the end of the week.", friday).getFirst().date())
                .isEqualTo(LocalDate.of(2026, 3, 6));
        assertThat(SpokenDates.in("for next time.", friday).getFirst().date()).isNull();
    }
}
