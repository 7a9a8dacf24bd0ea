package org.ledgerlamp.core.reading;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.source.Limits;
import org.ledgerlamp.core.source.Mark;
import org.ledgerlamp.core.source.NoteLine;
import org.ledgerlamp.core.source.Shorthand;
import org.ledgerlamp.core.source.Source;
import org.ledgerlamp.core.source.SourceDesk;
import org.ledgerlamp.core.source.UnreadableSource;
import org.ledgerlamp.core.time.SpokenDate;

/**
 * What one line of notes says by rules alone, while it is typed.
 *
 * @param mark the mark it begins with, if any
 * @param kind what it would be drafted as, or null where that is not clear yet
 * @param owner who is to do it, where it is an action and says so, or null
 * @param due the day it is to be done by, where it is an action and says so, or null
 * @param writtenOut the words without mark, every abbreviation written out
 */
public record NotedLine(Optional<Mark> mark, Kind kind, Person owner, SpokenDate due, String writtenOut) {
    private static final NotedLine NOTHING = new NotedLine(Optional.empty(), null, null, null, "");

    /** Reads {@code text}, one line as typed; a line without a word says nothing. */
    public static NotedLine read(String text, MeetingFacts meeting, Shorthand shorthand) {
        if (text.chars().noneMatch(Character::isLetterOrDigit)) {
            return NOTHING;
        }
        Source source;
        try {
            byte[] bytes = text.replace('\n', ' ').getBytes(StandardCharsets.UTF_8);
            source = new SourceDesk(Limits.DEFAULT, shorthand).readNotes(bytes);
        } catch (UnreadableSource e) {
            return NOTHING; // so long a line is kept as typed and read when minutes are drafted
        }
        NoteLine line = source.noteLines().getFirst();
        List<Finding> findings = new NotesFinder(new Talk(source, meeting)).find();
        Finding finding = findings.isEmpty() ? null : findings.getFirst();
        return new NotedLine(
                line.mark(),
                finding == null ? null : finding.kind(),
                finding == null ? null : finding.owner(),
                finding == null ? null : finding.due(),
                shorthand.writtenOut(line.text()));
    }
}
