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
    public Period {
        if (to.isBefore(from)) {
            throw new IllegalArgumentException("a period that ends before it begins: " + from + " to " + to);
        }
    }

    /** Whether a day lies in it. */
    public boolean holds(LocalDate day) {
        return !day.isBefore(from) && !day.isAfter(to);
    }
}
