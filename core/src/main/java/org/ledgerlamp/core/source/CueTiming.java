package org.ledgerlamp.core.source;

import java.time.Duration;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The line of a cue that says from when to when it is shown, in WebVTT and SubRip alike. */
record CueTiming(Duration start, Duration end) {
    private static final Pattern LINE =
            Pattern.compile("\\s*(" + Clock.TIME + ")\\s*-->\\s*(" + Clock.TIME + ")(?:\\s.*)?");

    /** Whether the line is meant to be a timing, well-formed or not. */
    static boolean isMeant(String line) {
        return line.contains("-->");
    }

    /** The two times, or empty where the line is malformed. Cue settings after the times are passed over. */
    static Optional<CueTiming> parse(String line) {
        Matcher m = LINE.matcher(line);
        if (!m.matches()) {
            return Optional.empty();
        }
        Optional<Duration> start = Clock.parse(m.group(1));
        Optional<Duration> end = Clock.parse(m.group(2));
        return start.isPresent() && end.isPresent()
                ? Optional.of(new CueTiming(start.get(), end.get()))
                : Optional.empty();
    }

    static String malformed(String line) {
        String shown = line.strip();
        return "expected two times such as 00:01:02.500 --> 00:01:05.000, found \""
                + (shown.length() > 60 ? shown.substring(0, 60) + "…" : shown) + "\"";
    }
}
