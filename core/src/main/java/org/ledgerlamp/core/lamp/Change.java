package org.ledgerlamp.core.lamp;

import java.time.LocalDate;
import org.ledgerlamp.core.ledger.FiledLine;

/**
 * A decision that changed or withdrew an earlier one.
 *
 * @param meeting id of the meeting that took the later one
 * @param day of that meeting
 * @param later the later decision
 * @param earlierMeeting id of the meeting that took the earlier one
 * @param earlier the earlier decision
 */
public record Change(String meeting, LocalDate day, FiledLine later, String earlierMeeting, FiledLine earlier) {}
