package org.ledgerlamp.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.ledgerlamp.core.ledger.SaidFigure.Kind;

/** Money, shares, durations, measures, counts and dates, said in words or digits. */
class SaidFiguresTest {
    private static final LocalDate DAY = LocalDate.parse("2026-03-03");

    private static List<SaidFigure> in(String text) {
        return SaidFigures.in(text, DAY);
    }

    private static String plain(SaidFigure figure) {
        return String.format(Locale.ROOT, "%s %.1f %s", figure.kind(), figure.value(), figure.unit())
                .strip();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "The quote came in at €42,000 | MONEY 42000.0 €",
                "It is forty-two thousand euros all in | MONEY 42000.0 €",
                "that makes 3.5 million kroner | MONEY 3500000.0 NOK",
                "half a million euros for the quay | MONEY 500000.0 €",
                "EUR 1 200 a month | MONEY 1200.0 €",
                "we are at eighty-five percent | SHARE 85.0 %",
                "12.5% of the crossings | SHARE 12.5 %",
                "delivery takes nine weeks | DURATION 9.0 weeks",
                "two and a half hours of downtime | DURATION 2.5 hours",
                "the mast is rated 600 kW | MEASURE 600.0 kW",
                "a hundred and twenty metres of cable | MEASURE 120.0 m",
                "we ran sixteen crossings | COUNT 16.0 crossings",
                "six new chargers are ordered | COUNT 6.0 chargers",
                "Buy the second charger, at 212,000. | NUMBER 212000.0",
                "The mast is eighteen four now, it was seventeen. | NUMBER 18400.0",
                "Norrvik says twenty-three nine for the racks | NUMBER 23900.0",
                "one hundred and four passengers | COUNT 104.0 passengers"
            })
    void a_figure_is_read_with_what_it_is_counted_in(String text, String figure) {
        assertThat(in(text)).extracting(SaidFiguresTest::plain).containsExactly(figure);
    }

    @Test
    void a_date_is_a_figure_too_and_its_number_counts_nothing_else() {
        assertThat(in("The yard slot moves to 12 May"))
                .singleElement()
                .satisfies(f -> assertThat(f.kind()).isEqualTo(Kind.DATE))
                .satisfies(
                        f -> assertThat(LocalDate.ofEpochDay((long) f.value())).isEqualTo("2026-05-12"));
    }

    @Test
    void figures_come_in_the_order_they_are_said_with_their_place() {
        String text = "€38,000 instead of 42,000 euros, and six weeks later";
        assertThat(in(text)).extracting(f -> f.span().of(text)).containsExactly("€38,000", "42,000 euros", "six weeks");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "there are two things to say",
                "that one was good",
                "call me at 10.30",
                "two three four",
                "we tried fifteen three weeks ago",
                "number 7 is Joss's",
                "see 27.3",
                "by 2027 at the latest",
                "we tried it a hundred times"
            })
    void a_number_that_counts_nothing_is_no_figure(String text) {
        assertThat(in(text)).isEmpty();
    }
}
