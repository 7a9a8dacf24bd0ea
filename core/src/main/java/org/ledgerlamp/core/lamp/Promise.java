package org.ledgerlamp.core.lamp;

import java.time.LocalDate;
import org.ledgerlamp.core.ledger.FiledLine;
import org.ledgerlamp.core.ledger.Outcome;

/**
 * An action and what became of it.
 *
 * @param meeting id of the meeting that recorded it
 * @param recordedOn the day of that meeting
 * @param line the line that recorded it, with the owner and the day it has now
 * @param outcome what became of it, or null where nobody spoke of it again
 * @param last the place that was last said at, or null
 */
public record Promise(String meeting, LocalDate recordedOn, FiledLine line, Outcome outcome, Citation last) {
    /** Whether something is left to do. */
    public boolean isOpen() {
        return outcome == null || !outcome.ends();
    }

    /** Whether it should have been done before a day and was not. */
    public boolean isOverdue(LocalDate today) {
        return isOpen() && line.due() != null && line.due().isBefore(today);
    }
}
