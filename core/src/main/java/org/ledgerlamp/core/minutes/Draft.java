package org.ledgerlamp.core.minutes;

import java.util.List;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.reading.Reading;
import org.ledgerlamp.core.source.Source;

/**
 * Drafted minutes.
 *
 * @param meeting what was known of the meeting
 * @param template the form they take
 * @param reading what they were drafted from
 * @param notes raw notes typed in the same meeting, or null
 * @param summary the meeting in short
 * @param lines what enters the minutes, in order of speech
 * @param answers what answers the questions that the template's sections ask, in order of these sections; the same words
 *     may stand among the lines as well
 * @param possible what may be meant but is not certain enough to enter
 */
public record Draft(
        MeetingFacts meeting,
        Template template,
        Reading reading,
        Source notes,
        Summary summary,
        List<Line> lines,
        List<Line> answers,
        List<Line> possible) {
    public Draft {
        lines = List.copyOf(lines);
        answers = List.copyOf(answers);
        possible = List.copyOf(possible);
    }
}
