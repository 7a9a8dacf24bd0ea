package org.ledgerlamp.core.lamp;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.ledgerlamp.core.ledger.FiledLine;
import org.ledgerlamp.core.reading.Kind;

/** How many there are of what is recorded, and which. Counted only where all of them can be looked at. */
final class HowMany implements Composer {
    /** Of so many meetings at most what is recorded is counted. */
    private static final int MEETINGS = 500;

    private static final int ACTIONS = 400;
    private static final int NAMED = 5;

    @Override
    public List<Statement> compose(Asked asked) {
        Wanted wanted = asked.wanted();
        if (wanted.form() != Form.COUNT) {
            return List.of();
        }
        return switch (wanted.aim()) {
            case ACTION -> actions(asked);
            case MEETING -> meetings(asked);
            case DECISION -> lines(asked, Kind.DECISION, "decision");
            case QUESTION -> lines(asked, Kind.QUESTION, "question");
            case RISK -> lines(asked, Kind.RISK, "risk");
            default -> List.of();
        };
    }

    private static List<Statement> actions(Asked asked) {
        List<Promise> all = asked.ledger().promises(asked.wanted(), asked.sought(), asked.today(), ACTIONS);
        return all.size() == ACTIONS
                ? List.of()
                : told(
                        all.size(),
                        "action",
                        all.stream()
                                .limit(NAMED)
                                .map(p -> Promises.statement(p, asked.today()))
                                .toList());
    }

    private static List<Statement> meetings(Asked asked) {
        List<LampMeeting> all = MeetingsInShort.meant(asked, MEETINGS);
        return all.size() == MEETINGS
                ? List.of()
                : told(
                        all.size(),
                        "meeting",
                        all.stream()
                                .limit(NAMED)
                                .map(m -> new Statement(
                                        m.filed().date(),
                                        "",
                                        m.title() + ".",
                                        false,
                                        List.of(new Citation(m.id(), null, -1, ""))))
                                .toList());
    }

    private static List<Statement> lines(Asked asked, Kind kind, String called) {
        Wanted wanted = asked.wanted();
        List<LampMeeting> meetings = asked.ledger().held(wanted.period(), wanted.meetings(), MEETINGS);
        if (!wanted.about().isBlank() || meetings.size() == MEETINGS) {
            return List.of();
        }
        List<Statement> lines = new ArrayList<>();
        for (LampMeeting meeting : Latest.meant(asked.question(), meetings)) {
            for (FiledLine line : meeting.filed().lines()) {
                if (line.kind() == kind) {
                    lines.add(Quotes.recorded(meeting, line, ""));
                }
            }
        }
        return told(lines.size(), called, lines.subList(0, Math.min(NAMED, lines.size())));
    }

    /** The number, resting on what is named after it. */
    private static List<Statement> told(int many, String called, List<Statement> named) {
        if (named.isEmpty()) {
            return List.of();
        }
        Set<Citation> places = new LinkedHashSet<>();
        named.forEach(s -> places.addAll(s.citations()));
        List<Statement> statements = new ArrayList<>();
        statements.add(new Statement(
                null,
                "",
                many + " " + called + (many == 1 ? "" : "s") + (many > named.size() ? ", among them:" : ":"),
                false,
                List.copyOf(places)));
        statements.addAll(named);
        return statements;
    }
}
