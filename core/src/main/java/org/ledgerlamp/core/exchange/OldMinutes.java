package org.ledgerlamp.core.exchange;

import java.time.LocalDate;
import java.util.List;
import org.ledgerlamp.core.minutes.CopyLine;
import org.ledgerlamp.core.minutes.FairCopy;
import org.ledgerlamp.core.reading.Attended;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.Presence;

/**
 * Minutes that somebody wrote before, or that this program wrote out: a record already, not to be drafted.
 *
 * @param title of the meeting, or null where they tell none
 * @param date of the meeting, or null where they tell none
 * @param series of the meeting, or null
 * @param kind of meeting, or null
 * @param people who was there or was expected
 * @param agenda in order
 * @param summary the meeting in short, or empty
 * @param lines in the order of the page
 */
public record OldMinutes(
        String title,
        LocalDate date,
        String series,
        String kind,
        List<Who> people,
        List<String> agenda,
        String summary,
        List<OldLine> lines) {
    public OldMinutes {
        people = List.copyOf(people);
        agenda = List.copyOf(agenda);
        lines = List.copyOf(lines);
    }

    /** Somebody, as the minutes write the name. */
    public record Who(String name, Attended attended) {}

    /**
     * A line.
     *
     * @param owner as the minutes write the name, or null
     * @param due the day it is due, or null
     * @param dueWords the date as written where it is no day, or null
     * @param passage number of the note line it stands in, or -1
     */
    public record OldLine(Kind kind, String text, String owner, LocalDate due, String dueWords, int passage) {}

    /** What this program wrote out. */
    static OldMinutes of(FairCopy copy) {
        return new OldMinutes(
                copy.meeting().title(),
                copy.meeting().date(),
                copy.meeting().series(),
                copy.meeting().kind(),
                copy.attendance().stream().map(OldMinutes::who).toList(),
                copy.meeting().agenda(),
                copy.summary(),
                copy.lines().stream()
                        .filter(l -> l.kind() != null)
                        .map(OldMinutes::line)
                        .toList());
    }

    private static Who who(Presence presence) {
        return new Who(presence.name(), presence.attended());
    }

    private static OldLine line(CopyLine line) {
        return new OldLine(line.kind(), line.text(), line.owner(), line.due(), line.dueWords(), -1);
    }
}
