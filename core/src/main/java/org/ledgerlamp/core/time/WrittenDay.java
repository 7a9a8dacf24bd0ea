package org.ledgerlamp.core.time;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** Days as they are written in text. */
public final class WrittenDay {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM uuuu", Locale.ENGLISH);

    private WrittenDay() {}

    /** Such as {@code Fri 6 Mar 2026}. */
    public static String of(LocalDate day) {
        return DAY.format(day);
    }
}
