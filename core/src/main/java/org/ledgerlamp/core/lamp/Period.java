package org.ledgerlamp.core.lamp;

import java.time.LocalDate;

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

    /** Whether it is so short that a day of it, where somebody names one, is likely meant for what is asked. */
    boolean isShort() {
        return !to.isAfter(from.plusDays(A_MONTH));
    }

    /** Whether a day lies in it. */
    public boolean holds(LocalDate day) {
        return !day.isBefore(from) && !day.isAfter(to);
    }
}
