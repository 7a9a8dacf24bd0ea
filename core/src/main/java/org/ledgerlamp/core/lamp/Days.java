package org.ledgerlamp.core.lamp;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import org.ledgerlamp.core.ledger.SaidFigure;
import org.ledgerlamp.core.ledger.SaidFigures;

/** Days in answers, and days said in talk. */
final class Days {
    private static final DateTimeFormatter THIS_YEAR = DateTimeFormatter.ofPattern("d MMMM", Locale.ENGLISH);

    private static final DateTimeFormatter ANY_YEAR = DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);

    private Days() {}

    /** A day as it is written in an answer: the year is added only where it is another than that of asking. */
    static String written(LocalDate day, LocalDate today) {
        return (day.getYear() == today.getYear() ? THIS_YEAR : ANY_YEAR).format(day);
    }

    /** Whether a text, said on a day, names a day of a short period; what is said of a long one tells little. */
    static boolean saysOneOf(Period period, String text, LocalDate saidOn) {
        return period.isShort()
                && SaidFigures.in(text, saidOn).stream()
                        .anyMatch(f -> f.kind() == SaidFigure.Kind.DATE
                                && period.holds(LocalDate.ofEpochDay((long) f.value())));
    }
}
