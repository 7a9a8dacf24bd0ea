package org.ledgerlamp.core.lamp;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.ledgerlamp.core.ledger.DecisionLink;
import org.ledgerlamp.core.ledger.FiledLine;
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
                asked.ledger().held(asked.wanted().period(), asked.wanted().meetings());
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
        Period period = asked.wanted().period();
        Set<String> held = asked.ledger().held(period, asked.wanted().meetings()).stream()
                .map(LampMeeting::id)
                .collect(Collectors.toSet());
        List<Statement> statements = new ArrayList<>();
        for (DecisionLink link : asked.ledger().links()) {
            if (held.contains(link.meeting()) && link.effect() != DecisionLink.Effect.CONFIRMS) {
                LampMeeting later = asked.ledger().held(period, null).stream()
                        .filter(m -> m.id().equals(link.meeting()))
                        .findFirst()
                        .orElseThrow();
                FiledLine earlier = link.earlier().line();
                statements.add(new Statement(
                        later.filed().date(),
                        "",
                        link.later().text() + " Before: " + earlier.text(),
                        false,
                        List.of(
                                Quotes.cited(later, link.later()),
                                new Citation(
                                        link.earlier().meeting(), earlier.id(), earlier.passage(), earlier.quote()))));
            }
        }
        return statements;
    }
}
