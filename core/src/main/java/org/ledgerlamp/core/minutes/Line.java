package org.ledgerlamp.core.minutes;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import org.ledgerlamp.core.reading.Evidence;
import org.ledgerlamp.core.reading.Finding;
import org.ledgerlamp.core.reading.Kind;

/**
 * A drafted line of minutes.
 *
 * @param kind what it is
 * @param text as it will be read
 * @param owner full name of who is to do it, or null
 * @param due the day it is due, or null
 * @param dueWords the date as said, or null
 * @param topic index of its topic
 * @param section heading of the section whose question it answers, or null
 * @param certainty between 0 and 1
 * @param reasons why, in words
 * @param backing for a decision who stood behind it, or null
 * @param evidence the passages it rests on; never empty
 */
public record Line(
        Kind kind,
        String text,
        String owner,
        LocalDate due,
        String dueWords,
        int topic,
        String section,
        double certainty,
        List<String> reasons,
        Finding.Backing backing,
        List<Evidence> evidence) {
    public Line {
        if (evidence.isEmpty()) {
            throw new IllegalArgumentException("a line without evidence: " + text);
        }
        reasons = List.copyOf(reasons);
        evidence = List.copyOf(evidence);
    }

    /** Whether the same words carry both. */
    boolean restsOnTheSameAs(Line other) {
        return evidence.getFirst().equals(other.evidence.getFirst());
    }

    /** Whether {@code other} tells who is to do what this line only wants done. */
    boolean isTakenOnBy(Line other) {
        return kind == Kind.ACTION
                && owner == null
                && other.kind == Kind.ACTION
                && other.owner != null
                && other.text
                        .toLowerCase(Locale.ROOT)
                        .contains(" to " + text.toLowerCase(Locale.ROOT).replaceAll("\\.$", ""));
    }
}
