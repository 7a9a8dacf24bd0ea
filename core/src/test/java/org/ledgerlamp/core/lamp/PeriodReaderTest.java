package org.ledgerlamp.core.lamp;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PeriodReaderTest {
    /** A Friday. */
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 27);

    @ParameterizedTest
    @CsvSource({
        "what happened in March,2026-03-01,2026-03-31",
        "what happened in December,2025-12-01,2025-12-31",
        "decisions from last quarter,2026-07-01,2026-09-30",
        "decisions of this quarter,2026-10-01,2026-12-31",
        "what did we settle in Q2?,2026-04-01,2026-06-30",
        "all meetings of last week,2026-11-16,2026-11-22",
        "what was said yesterday?,2026-11-26,2026-11-26",
        "what was said on Monday?,2026-11-23,2026-11-23",
        "the week of the 9th of Feb,2026-02-09,2026-02-15",
        "the week of the 9th,2026-11-09,2026-11-15",
        "the meeting of 21 May,2026-05-21,2026-05-21",
        "from January to June,2026-01-01,2026-06-30",
        "from November to January,2025-11-01,2026-01-31",
        "what changed since Easter?,2026-04-05,2026-11-27",
        "what changed since August?,2026-08-01,2026-11-27",
        "in the last 3 weeks,2026-11-06,2026-11-27",
        "the March steering meeting,2026-03-01,2026-03-31",
        "decisions of March 2025,2025-03-01,2025-03-31",
        "who missed meetings this year,2026-01-01,2026-12-31",
    })
    void days_are_read_against_the_day_of_asking(String question, LocalDate from, LocalDate to) {
        PeriodReader.Found found = PeriodReader.in(question, TODAY).orElseThrow();

        assertThat(found.period().from()).isEqualTo(from);
        assertThat(found.period().to()).isEqualTo(to);
        assertThat(found.span().of(question)).isEqualTo(found.period().words());
    }

    @ParameterizedTest
    @CsvSource({"may we cancel it?", "who marched off?", "what about the 31st of June?", "since the audit"})
    void what_names_no_days_or_none_there_are_is_no_period(String question) {
        assertThat(PeriodReader.in(question, TODAY)).isEmpty();
    }

    @Test
    void what_is_to_be_done_by_a_month_looks_ahead() {
        assertThat(PeriodReader.in("what is due by December?", TODAY)
                        .orElseThrow()
                        .period()
                        .to())
                .isEqualTo(LocalDate.of(2026, 12, 31));
    }

    @ParameterizedTest
    @CsvSource({
        "2026-04,2026-04-01,2026-04-30",
        "2026-Q1,2026-01-01,2026-03-31",
        "2025,2025-01-01,2025-12-31",
        "2026-04-09,2026-04-09,2026-04-09",
        "2026-04-09/2026-05,2026-04-09,2026-05-31",
        "last quarter,2026-07-01,2026-09-30",
        "March,2026-03-01,2026-03-31",
    })
    void days_alone_are_read_as_machines_and_as_people_write_them(String words, LocalDate from, LocalDate to) {
        assertThat(Period.named(words, LocalDate.of(2026, 11, 27)))
                .hasValueSatisfying(
                        p -> assertThat(p).extracting(Period::from, Period::to).containsExactly(from, to));
    }

    @ParameterizedTest
    @ValueSource(strings = {"2026-13", "2026-02-30", "2026-05/2026-04", "2026/", "whenever", "2026-04-01/2026-05/2026"})
    void what_names_no_days_is_none(String words) {
        assertThat(Period.named(words, LocalDate.of(2026, 11, 27))).isEmpty();
    }
}
