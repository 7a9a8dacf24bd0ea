package org.ledgerlamp.core.lamp;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.ledgerlamp.core.ledger.FiledMeeting;
import org.ledgerlamp.core.minutes.Draft;
import org.ledgerlamp.core.minutes.Line;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.Finding;
import org.ledgerlamp.core.reading.Presence;

/**
 * A filed meeting as the lamp reads it.
 *
 * @param filed what was said and recorded
 * @param title what it is called
 * @param kind the kind of meeting in the team's words, or null
 * @param roster everybody who may be meant
 * @param attendance who was there and who was not
 * @param summary the meeting in a sentence; may be blank
 * @param backing for the ids of decisions who stood behind them
 */
public record LampMeeting(
        FiledMeeting filed,
        String title,
        String kind,
        List<Person> roster,
        List<Presence> attendance,
        String summary,
        Map<String, Finding.Backing> backing) {
    public LampMeeting {
        roster = List.copyOf(roster);
        attendance = List.copyOf(attendance);
        backing = Map.copyOf(backing);
    }

    /** A draft as if it were filed as it is. */
    public static LampMeeting of(String id, Draft draft) {
        FiledMeeting filed = FiledMeeting.of(id, draft);
        Map<String, Finding.Backing> backing = new HashMap<>();
        for (int i = 0; i < filed.lines().size(); i++) {
            Line line = draft.lines().get(i);
            if (line.backing() != null) {
                backing.put(filed.lines().get(i).id(), line.backing());
            }
        }
        return new LampMeeting(
                filed,
                draft.meeting().title(),
                draft.meeting().kind(),
                draft.meeting().roster(),
                draft.reading().attendance(),
                draft.summary().paragraph(),
                backing);
    }

    /** What it is known by. */
    public String id() {
        return filed.id();
    }

    /** The words that name it: title, series and kind. */
    String names() {
        return title + " " + (filed.series() == null ? "" : filed.series()) + " " + (kind == null ? "" : kind);
    }
}
