package org.ledgerlamp.core.exchange;

import java.time.Duration;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ledgerlamp.core.reading.Evidence;

/** A passage as a reader is shown it: who said it, when, and the words. */
final class Passage {
    private static final Pattern CLOCK = Pattern.compile(ClockTime.PATTERN + "$");

    private Passage() {}

    /** {@code Ines Calado, 00:04:02: “words”} */
    static String of(Evidence e) {
        String who = e.speaker() == null ? "" : e.speaker();
        String when = e.at() == null ? "" : ClockTime.write(e.at());
        String before = who + (who.isEmpty() || when.isEmpty() ? "" : ", ") + when;
        return (before.isEmpty() ? "" : before + ": ") + "“" + e.quote() + "”";
    }

    /**
     * The evidence that such words tell of.
     *
     * @param origin where it stands
     * @param n number of its utterance
     * @param start first character within the utterance
     * @return null where the words tell of none
     */
    static Evidence read(String words, Evidence.Origin origin, int n, int start) {
        int open = words.startsWith("“") ? 0 : words.indexOf(": “") + 2;
        if (open < 0 || open == 1 || !words.endsWith("”")) {
            return null;
        }
        String quote = words.substring(open + 1, words.length() - 1);
        String before = open == 0 ? "" : words.substring(0, open - 2);
        Matcher clock = CLOCK.matcher(before);
        Duration at = clock.find() ? ClockTime.read(clock.group()) : null;
        String speaker =
                at == null ? before : before.substring(0, clock.start()).replaceFirst(", $", "");
        return new Evidence(origin, n, at, speaker.isEmpty() ? null : speaker, start, start + quote.length(), quote);
    }
}
