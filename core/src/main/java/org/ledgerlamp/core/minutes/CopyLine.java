package org.ledgerlamp.core.minutes;

import java.time.LocalDate;
import java.util.List;
import org.ledgerlamp.core.reading.Evidence;
import org.ledgerlamp.core.reading.Finding;
import org.ledgerlamp.core.reading.Kind;

/**
 * A line of a fair copy: drafted or written by a person.
 *
 * @param number its number within the copy, from 1
 * @param kind what it is; null for the summary and for answers
 * @param section heading of the section whose question it answers, or null
 * @param text as it is read
 * @param owner full name of who is to do it, or null
 * @param due the day it is due, or null
 * @param dueWords the date as said, or null
 * @param topic index of its topic
 * @param certainty between 0 and 1; 1 for what a person wrote
 * @param reasons why it was drafted, in words; empty for what a person wrote
 * @param backing for a decision who stood behind it, or null
 * @param evidence the passages it rests on; empty where a person wrote it from memory, or the ledger says it
 */
public record CopyLine(
        int number,
        Kind kind,
        String section,
        String text,
        String owner,
        LocalDate due,
        String dueWords,
        int topic,
        double certainty,
        List<String> reasons,
        Finding.Backing backing,
        List<Evidence> evidence) {
    public CopyLine {
        reasons = List.copyOf(reasons);
        evidence = List.copyOf(evidence);
    }

    /** A drafted line as it stands in a fair copy. */
    static CopyLine of(Line line, int number) {
        return new CopyLine(
                number,
                line.section() == null ? line.kind() : null,
                line.section(),
                line.text(),
                line.owner(),
                line.due(),
                line.dueWords(),
                line.topic(),
                line.certainty(),
                line.reasons(),
                line.backing(),
                line.evidence());
    }

    /** An answer that stands in the ledger; its words name what it rests on. */
    static CopyLine ofLedger(int number, String section, String text) {
        return new CopyLine(
                number, null, section, text, null, null, null, 0, 1, List.of("stands in the ledger"), null, List.of());
    }

    /** Whether it tells the meeting in short. */
    public boolean isSummary() {
        return kind == null && section == null;
    }

    /** Whether a section collects it. */
    boolean standsIn(Section of) {
        return switch (of.content()) {
            case SUMMARY -> isSummary();
            case ANSWER, FROM_LEDGER -> of.heading().equals(section);
            default -> kind != null && kind == of.content().kind();
        };
    }
}
