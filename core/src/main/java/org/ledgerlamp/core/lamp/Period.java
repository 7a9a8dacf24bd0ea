package org.ledgerlamp.core.lamp;

import java.time.LocalDate;
import java.util.Optional;
import org.ledgerlamp.core.language.Span;

/**
 * Days that a question is about.
 *
 * @param from first day
 * @param to last day, not before the first
 * @param words as asked, such as "last quarter"
 */
public record Period(LocalDate from, LocalDate to, String words) {
    private static final int A_MONTH = 31;

    public Period {
        if (to.isBefore(from)) {
            throw new IllegalArgumentException("a period that ends before it begins: " + from + " to " + to);
        }
    }

    /**
     * The days that are meant where nothing but days is written: as a date is written between machines ("2026-04",
     * "2026-Q2", "2026-04-01/2026-05-15"), or as people say it ("last quarter", "March"). Empty where anything else
     * stands there as well: half of what was written is not what was meant.
     *
     * @param today the day it is written on
     */
    public static Optional<Period> named(String words, LocalDate today) {
        String written = words.strip();
        return IsoPeriod.read(written).or(() -> saidWhole(written, today)).or(() -> saidWhole("in " + written, today));
    }

    private static Optional<Period> saidWhole(String words, LocalDate today) {
        return PeriodReader.in(words, today)
                .filter(found -> found.span().equals(new Span(0, words.length())))
                .map(PeriodReader.Found::period);
    }

    /** Whether it is so short that a day of it, where somebody names one, is likely meant for what is asked. */
    boolean isShort() {
        return !to.isAfter(from.plusDays(A_MONTH));
    }

    /** Whether a day lies in it. */
    public boolean holds(LocalDate day) {
        return !day.isBefore(from) && !day.isAfter(to);
    }
}
