package org.ledgerlamp.core.lamp;

import java.util.List;
import org.ledgerlamp.core.ledger.FiledMeeting;
import org.ledgerlamp.core.minutes.Draft;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.Presence;

/**
 * A filed meeting as the lamp reads it.
 *
 * @param filed what was said and recorded
 * @param title what it is called
 * @param kind the kind of meeting in the team's words, or null
 * @param roster everybody who may be meant
 * @param attendance who was there and who was not
 */
public record LampMeeting(
        FiledMeeting filed, String title, String kind, List<Person> roster, List<Presence> attendance) {
    public LampMeeting {
        roster = List.copyOf(roster);
        attendance = List.copyOf(attendance);
    }

    /** A draft as if it were filed as it is. */
    public static LampMeeting of(String id, Draft draft) {
        return new LampMeeting(
                FiledMeeting.of(id, draft),
                draft.meeting().title(),
                draft.meeting().kind(),
                draft.meeting().roster(),
                draft.reading().attendance());
    }

    /** What it is known by. */
    public String id() {
        return filed.id();
    }

    /** The words that name it: title, series and kind. */
    String names() {
        return names(title, filed.series(), kind);
    }

    /**
     * The words that name a meeting.
     *
     * @param series or null
     * @param kind or null
     */
    public static String names(String title, String series, String kind) {
        return title + " " + (series == null ? "" : series) + " " + (kind == null ? "" : kind);
    }
}
