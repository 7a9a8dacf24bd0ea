package org.ledgerlamp.core.lamp;

import java.util.ArrayList;
import java.util.List;
import org.ledgerlamp.core.reading.Kind;

/** The decisions of a period, or those that were changed later. A decision about a subject is found among the passages. */
final class DecisionsTaken implements Composer {
    private static final int MOST = 8;

    @Override
    public List<Statement> compose(Asked asked) {
        Wanted wanted = asked.wanted();
        if (wanted.onlyChanged() && wanted.form() == Form.LIST) {
            return changed(asked);
        }
        return wanted.about().isBlank() && wanted.people().isEmpty() ? taken(asked) : List.of();
    }

    private static List<Statement> taken(Asked asked) {
        List<Statement> statements = new ArrayList<>();
        List<LampMeeting> meetings =
                asked.ledger().held(asked.wanted().period(), asked.wanted().meetings(), MOST);
        int each = Math.max(1, MOST / Math.max(1, meetings.size()));
        for (LampMeeting meeting : meetings) {
            Telling.lines(meeting, List.of(Kind.DECISION), asked.ledger().words()).stream()
                    .limit(each)
                    .forEach(l -> statements.add(
                            statements.isEmpty() || !statements.getLast().isFrom(meeting)
                                    ? Quotes.recorded(meeting, l, "")
                                    : Quotes.further(meeting, l)));
        }
        return statements;
    }

    private static List<Statement> changed(Asked asked) {
        return asked.ledger().changes(asked.wanted().period(), MOST).stream()
                .map(c -> new Statement(
                        c.day(),
                        "",
                        c.later().text() + " Before: " + c.earlier().text(),
                        false,
                        List.of(Quotes.cited(c.meeting(), c.later()), Quotes.cited(c.earlierMeeting(), c.earlier()))))
                .toList();
    }
}
