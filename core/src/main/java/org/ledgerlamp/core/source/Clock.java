package org.ledgerlamp.core.source;

import java.time.Duration;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Times as transcripts write them: {@code 0:03}, {@code 12:09}, {@code 00:03:12.4}, {@code 1:02:03,500}. */
final class Clock {
    /** A time inside a longer pattern, without groups of its own. */
    static final String TIME = "(?:\\d{1,3}:)?\\d{1,3}:\\d{2}(?:[.,]\\d{1,3})?";

    private static final Pattern INSIDE = Pattern.compile("(?<![\\d:])" + TIME + "(?![\\d:])");
    private static final Pattern PARTS = Pattern.compile("(?:(\\d{1,3}):)?(\\d{1,3}):(\\d{2})(?:[.,](\\d{1,3}))?");

    private Clock() {}

    /** Whether a time stands anywhere in {@code text}. */
    static boolean isIn(String text) {
        return INSIDE.matcher(text).find();
    }

    /** The offset that {@code text} writes, or empty where it is no time. */
    static Optional<Duration> parse(String text) {
        Matcher m = PARTS.matcher(text.strip());
        if (!m.matches()) {
            return Optional.empty();
        }
        long hours = m.group(1) == null ? 0 : Long.parseLong(m.group(1));
        long minutes = Long.parseLong(m.group(2));
        long seconds = Long.parseLong(m.group(3));
        if (seconds > 59 || (m.group(1) != null && minutes > 59)) {
            return Optional.empty();
        }
        String fraction = m.group(4) == null ? "0" : m.group(4);
        long millis = Math.round(Double.parseDouble("0." + fraction) * 1000);
        return Optional.of(Duration.ofMillis(((hours * 60 + minutes) * 60 + seconds) * 1000 + millis));
    }
}
