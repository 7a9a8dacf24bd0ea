package org.ledgerlamp.core.lamp;

import java.time.LocalDate;
import java.util.List;

/**
 * One thing an answer says.
 *
 * @param day of the meeting it is from, or null where it is from several, or from the same as the statement before
 * @param lead who said it or what it is, such as "Tom" or "due 6 March"; may be blank
 * @param text the words: of record, or as said
 * @param said whether the text is what was said, word for word
 * @param citations what it rests on, the first one most; never empty
 */
public record Statement(LocalDate day, String lead, String text, boolean said, List<Citation> citations) {
    public Statement {
        citations = List.copyOf(citations);
        if (citations.isEmpty()) {
            throw new IllegalArgumentException("a statement that rests on nothing: " + text);
        }
    }

    /** Whether it is from a meeting. */
    boolean isFrom(LampMeeting meeting) {
        return citations.getFirst().meeting().equals(meeting.id());
    }
}
