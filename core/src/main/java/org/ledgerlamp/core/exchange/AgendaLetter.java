package org.ledgerlamp.core.exchange;

import java.util.ArrayList;
import java.util.List;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.time.WrittenDay;

/** The letter with which an agenda is circulated before its meeting. */
public final class AgendaLetter {
    private AgendaLetter() {}

    /**
     * Composes it.
     *
     * @param meeting what is known of the meeting
     * @param link address of the call, or null
     * @param message covering words of whoever sends it, or null
     * @param matters what is open from earlier meetings, each in one sentence
     */
    public static Letter of(MeetingFacts meeting, String link, String message, List<String> matters) {
        LetterBuilder letter = new LetterBuilder().paragraph(message).paragraph(whenAndWhere(meeting));
        letter.link(link);
        if (!meeting.agenda().isEmpty()) {
            letter.heading("Agenda").numbered(meeting.agenda());
        }
        if (!matters.isEmpty()) {
            letter.heading("Matters arising").bulleted(matters);
        }
        return letter.titled("Agenda: " + meeting.title() + ", " + WrittenDay.of(meeting.date()));
    }

    private static String whenAndWhere(MeetingFacts meeting) {
        List<String> when = new ArrayList<>();
        when.add(WrittenDay.of(meeting.date()));
        if (meeting.start() != null) {
            when.add(meeting.start() + " " + meeting.timezone());
        }
        if (meeting.plannedMinutes() != null) {
            when.add(meeting.plannedMinutes() + " min");
        }
        return meeting.title() + "\n" + String.join(", ", when)
                + (meeting.location() == null ? "" : "\n" + meeting.location());
    }
}
