package org.ledgerlamp.core.exchange;

import java.time.Duration;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ledgerlamp.core.reading.Evidence;

/** A passage as a reader is shown it: who said it, when, and the words. */
final class Passage {
    private static final String NOTES = "notes";
    private static final Pattern WRITTEN = Pattern.compile(
            "(?s)(?:(?<speaker>.*?), )?(?:(?<at>\\d{2,}:\\d{2}:\\d{2}), )?(?<notes>notes )?(?<n>\\d+)\\.(?<from>\\d+): “(?<quote>.*)”");

    private Passage() {}

    /** {@code Ines Calado, 00:04:02, 17.0: “words”}: the number of the utterance and the character it begins with. */
    static String of(Evidence e) {
        return (e.speaker() == null ? "" : e.speaker() + ", ")
                + (e.at() == null ? "" : MinutesJson.clock(e.at()) + ", ")
                + (e.origin() == Evidence.Origin.NOTES ? NOTES + " " : "")
                + e.utterance() + "." + e.start() + ": “" + e.quote() + "”";
    }

    /** The evidence that such words tell of; null where they tell of none. */
    static Evidence read(String words) {
        Matcher m = WRITTEN.matcher(words);
        if (!m.matches()) {
            return null;
        }
        int from = Integer.parseInt(m.group("from"));
        String quote = m.group("quote");
        return new Evidence(
                m.group("notes") == null ? Evidence.Origin.TALK : Evidence.Origin.NOTES,
                Integer.parseInt(m.group("n")),
                m.group("at") == null ? null : clock(m.group("at")),
                m.group("speaker"),
                from,
                from + quote.length(),
                quote);
    }

    private static Duration clock(String at) {
        String[] parts = at.split(":");
        return Duration.ofHours(Long.parseLong(parts[0]))
                .plusMinutes(Long.parseLong(parts[1]))
                .plusSeconds(Long.parseLong(parts[2]));
    }
}
