package org.ledgerlamp.server.minutes;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.acts.Act;
import org.ledgerlamp.server.acts.ActKind;
import org.ledgerlamp.server.acts.Course;

/**
 * A line of record that a later meeting comes back to, as the browser gets it.
 *
 * @param ownerId who has it now, or null
 * @param due the day it is due now
 * @param open whether something is still to be done about it
 * @param last what was done about it last, or null
 * @param actId the act that did it, to be taken back, or null
 * @param here whether something was done about it in the meeting that is looked at
 * @param pulled whether somebody brought it in from another series
 */
public record Matter(
        UUID lineId,
        int folio,
        int number,
        LineKind kind,
        String text,
        @Nullable UUID ownerId,
        @Nullable LocalDate due,
        boolean open,
        @Nullable ActKind last,
        @Nullable UUID actId,
        boolean here,
        boolean pulled) {
    static Matter of(MinutesLine line, Course course, @Nullable UUID meetingId, boolean pulled) {
        Act last = course.last();
        return new Matter(
                line.id(),
                line.folio(),
                line.number(),
                line.kind(),
                line.text(),
                course.owner(line.ownerId()),
                course.due(line.due()),
                course.isOpen(),
                last == null ? null : last.kind(),
                last == null ? null : last.id(),
                meetingId != null && course.isTouchedIn(meetingId),
                pulled);
    }
}
