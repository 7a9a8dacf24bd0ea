package org.ledgerlamp.core.ledger;

import java.time.LocalDate;

/**
 * A decision as later meetings find it.
 *
 * @param meeting id of the meeting that took it
 * @param line the line that recorded it
 * @param subject what it is about
 * @param series the series of the meeting that took it, or null
 * @param taken the day it was taken
 */
public record StandingDecision(String meeting, FiledLine line, Subject subject, String series, LocalDate taken) {
    /** A decision of a meeting. */
    public static StandingDecision of(FiledLine line, FiledMeeting meeting) {
        return new StandingDecision(
                meeting.id(), line, Subject.of(line, meeting, Subject.Reach.SETTLED), meeting.series(), meeting.date());
    }
}
