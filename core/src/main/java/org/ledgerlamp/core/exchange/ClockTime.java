package org.ledgerlamp.core.exchange;

import java.time.Duration;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How far into a talk something was said, as our own files write it: {@code 00:04:02}. */
final class ClockTime {
    static final Pattern PATTERN = Pattern.compile("(\\d{2,}):(\\d{2}):(\\d{2})");

    private ClockTime() {}

    /** The time as written; null for null. */
    static String write(Duration at) {
        return at == null ? null : "%02d:%02d:%02d".formatted(at.toHours(), at.toMinutesPart(), at.toSecondsPart());
    }

    /** @throws IllegalArgumentException where it is not written so */
    static Duration read(String written) {
        Matcher m = PATTERN.matcher(written);
        if (!m.matches()) {
            throw new IllegalArgumentException("\"" + written + "\" is no time such as 00:04:02");
        }
        return Duration.ofHours(Long.parseLong(m.group(1)))
                .plusMinutes(Long.parseLong(m.group(2)))
                .plusSeconds(Long.parseLong(m.group(3)));
    }
}
