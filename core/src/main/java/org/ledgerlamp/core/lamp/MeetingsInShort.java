package org.ledgerlamp.core.lamp;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.ledgerlamp.core.ledger.FiledLine;
import org.ledgerlamp.core.ledger.Stems;
import org.ledgerlamp.core.reading.Kind;

/** One meeting in short, or the meetings of a period with what each settled. */
final class MeetingsInShort implements Composer {
    private static final int LINES_OF_ONE = 5;
    private static final int MEETINGS = 60;
    private static final int LINES_OF_SEVERAL = 8;
    private static final List<Kind> TELLING = List.of(Kind.DECISION, Kind.LOWLIGHT, Kind.HIGHLIGHT, Kind.POINT);

    @Override
    public List<Statement> compose(Asked asked) {
        List<LampMeeting> meetings = meant(asked, MEETINGS);
        if (meetings.isEmpty()) {
            return List.of();
        }
        int each = meetings.size() == 1 ? LINES_OF_ONE : Math.max(1, LINES_OF_SEVERAL / meetings.size());
        List<Statement> statements = new ArrayList<>();
        for (LampMeeting meeting : meetings) {
            List<FiledLine> lines = Telling.lines(
                            meeting, TELLING, asked.ledger().words())
                    .stream()
                    .limit(each)
                    .toList();
            for (FiledLine line : lines) {
                boolean first = line.equals(lines.getFirst());
                statements.add(first ? Quotes.recorded(meeting, line, meeting.title()) : Quotes.further(meeting, line));
            }
        }
        return statements;
    }

    /** The meetings a question is about, in order of time; of more than {@code most} the latest. */
    static List<LampMeeting> meant(Asked asked, int most) {
        return Latest.meant(
                asked.question(), named(asked.ledger().held(asked.wanted().period(), null, most), asked.sought()));
    }

    /** Those whose names hold the most of the subject; all where nothing is named. */
    private static List<LampMeeting> named(List<LampMeeting> meetings, Sought sought) {
        if (sought.terms().isEmpty()) {
            return meetings;
        }
        double most = meetings.stream().mapToDouble(m -> named(m, sought)).max().orElse(0);
        return most == 0
                ? List.of()
                : meetings.stream().filter(m -> named(m, sought) == most).toList();
    }

    private static double named(LampMeeting meeting, Sought sought) {
        Set<String> names = Stems.of(meeting.names());
        return sought.held(t -> t.isIn(names) ? 1 : 0);
    }
}
