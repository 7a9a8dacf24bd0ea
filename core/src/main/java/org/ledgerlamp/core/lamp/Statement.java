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

    /** Id of the meeting it is from; of several the one it rests on most. */
    String meeting() {
        return citations.getFirst().meeting();
    }

    boolean isFrom(LampMeeting meeting) {
        return meeting().equals(meeting.id());
    }

    /** The same with the day of its meeting, or without where that is null. */
    Statement on(LocalDate when) {
        return new Statement(when, lead, text, said, citations);
    }
}
