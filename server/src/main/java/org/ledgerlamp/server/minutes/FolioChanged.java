package org.ledgerlamp.server.minutes;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Something about a folio changed. Published within the transaction that changes it, so that whatever is kept of the folio
 * elsewhere changes with it or not at all.
 *
 * @param what changed
 * @param lineId the line it is about; null where it is the folio as a whole
 */
public record FolioChanged(UUID teamId, UUID minutesId, What what, @Nullable UUID lineId) {
    /** What may change about a folio. */
    public enum What {
        /** Minutes became a folio. */
        FILED,
        /** They are none any more. */
        TAKEN_BACK,
        /** A line was amended. */
        LINE,
        /** Something was done about a line, or said of it later. */
        STANDING,
        /** Who attended was corrected. */
        ATTENDANCE,
        /** Its meeting is of another day, series, title or kind. */
        MEETING
    }

    static FolioChanged filed(Minutes folio) {
        return whole(folio, What.FILED);
    }

    /** Minutes are no folio any more. */
    public static FolioChanged takenBack(Minutes draft) {
        return whole(draft, What.TAKEN_BACK);
    }

    static FolioChanged attendance(Minutes folio) {
        return whole(folio, What.ATTENDANCE);
    }

    static FolioChanged meeting(Minutes folio) {
        return whole(folio, What.MEETING);
    }

    private static FolioChanged whole(Minutes folio, What what) {
        return new FolioChanged(folio.teamId(), folio.id(), what, null);
    }

    static FolioChanged line(MinutesLine line) {
        return new FolioChanged(line.teamId(), line.minutesId(), What.LINE, line.id());
    }

    /** Something was done about a line of a folio, or said of it in a later one. */
    public static FolioChanged standing(MinutesLine line) {
        return new FolioChanged(line.teamId(), line.minutesId(), What.STANDING, line.id());
    }
}
