package org.ledgerlamp.core.lamp;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Days written as ISO 8601 writes them: a day, a month, a year, an interval with a slash; and a quarter, "2026-Q2". */
final class IsoPeriod {
    private static final Pattern ONE =
            Pattern.compile("(?<year>\\d{4})(?:-[Qq](?<quarter>[1-4])|-(?<month>\\d{2})(?:-(?<day>\\d{2}))?)?");
    private static final int MONTHS_OF_A_QUARTER = 3;
    private static final int MONTHS_OF_A_YEAR = 12;

    private IsoPeriod() {}

    /** Empty where it is none, or no day there ever was. */
    static Optional<Period> read(String written) {
        String[] parts = written.split("/", -1);
        if (parts.length == 1) {
            return one(written, written);
        }
        return parts.length != 2
                ? Optional.empty()
                : one(parts[0], written).flatMap(from -> one(parts[1], written)
                        .filter(to -> !to.to().isBefore(from.from()))
                        .map(to -> new Period(from.from(), to.to(), written)));
    }

    private static Optional<Period> one(String part, String written) {
        Matcher m = ONE.matcher(part);
        if (!m.matches()) {
            return Optional.empty();
        }
        try {
            int year = Integer.parseInt(m.group("year"));
            if (m.group("day") != null) {
                LocalDate day = LocalDate.parse(part);
                return Optional.of(new Period(day, day, written));
            }
            if (m.group("month") != null) {
                return Optional.of(months(YearMonth.parse(part), 1, written));
            }
            if (m.group("quarter") != null) {
                int first = (Integer.parseInt(m.group("quarter")) - 1) * MONTHS_OF_A_QUARTER + 1;
                return Optional.of(months(YearMonth.of(year, first), MONTHS_OF_A_QUARTER, written));
            }
            return Optional.of(months(YearMonth.of(year, 1), MONTHS_OF_A_YEAR, written));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    private static Period months(YearMonth first, int many, String written) {
        return new Period(first.atDay(1), first.plusMonths(many - 1L).atEndOfMonth(), written);
    }
}
