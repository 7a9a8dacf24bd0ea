package org.ledgerlamp.core.lamp;

import java.time.LocalDate;
import org.ledgerlamp.core.ledger.Course;
import org.ledgerlamp.core.ledger.FiledLine;
import org.ledgerlamp.core.ledger.Outcome;

/**
 * An action and what became of it.
 *
 * @param meeting the meeting that recorded it
 * @param line the line that recorded it, with the owner and the day it has now
 * @param outcome what was last said of it, or null
 * @param last the place that says so, or null
 */
public record Promise(LampMeeting meeting, FiledLine line, Outcome outcome, Course.Step last) {
    /** Whether something is left to do. */
    public boolean isOpen() {
        return outcome == null || !outcome.ends();
    }

    /** Whether it should have been done before a day and was not. */
    public boolean isOverdue(LocalDate today) {
        return isOpen() && line.due() != null && line.due().isBefore(today);
    }
}
