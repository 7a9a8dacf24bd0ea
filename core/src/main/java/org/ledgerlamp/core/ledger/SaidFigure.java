package org.ledgerlamp.core.ledger;

import org.ledgerlamp.core.language.Span;

/**
 * A figure that is said: a sum of money, a date, a count, a duration, a share, a measured quantity, or a
 * large number of whatever it is.
 *
 * @param kind what it says
 * @param value how much, in {@code unit}; for a date the days since 1970-01-01
 * @param unit what it is counted in, such as {@code €}, {@code weeks}, {@code kW} or {@code crossings}; empty for a date or a bare number
 * @param span where it is said
 */
public record SaidFigure(Kind kind, double value, String unit, Span span) {
    /** What a figure says. */
    public enum Kind {
        MONEY,
        SHARE,
        DURATION,
        MEASURE,
        COUNT,
        /** A large number of which nobody says what it counts: "at 212,000". */
        NUMBER,
        DATE
    }
}
