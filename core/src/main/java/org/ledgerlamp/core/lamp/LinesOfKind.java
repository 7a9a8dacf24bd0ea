package org.ledgerlamp.core.lamp;

import java.util.ArrayList;
import java.util.List;
import org.ledgerlamp.core.ledger.FiledLine;
import org.ledgerlamp.core.reading.Kind;

/** Open questions and risks of the meetings asked for, about the subject where there is one; the latest first. */
final class LinesOfKind implements Composer {
    private static final int MOST = 12;
    /** The share of the subject that has to be spoken of around a line. */
    private static final double ABOUT = 0.5;

    @Override
    public List<Statement> compose(Asked asked) {
        Kind kind = asked.wanted().aim() == Aim.RISK ? Kind.RISK : Kind.QUESTION;
        List<Statement> statements = new ArrayList<>();
        if (asked.wanted().about().isBlank()) {
            for (LampMeeting meeting : asked.ledger()
                    .held(asked.wanted().period(), asked.wanted().meetings(), MOST)
                    .reversed()) {
                for (FiledLine line : meeting.filed().lines()) {
                    if (line.kind() == kind && statements.size() < MOST) {
                        statements.add(Quotes.recorded(meeting, line, ""));
                    }
                }
            }
            return statements;
        }
        for (Found found : asked.found().stream().limit(60).toList()) {
            found.line(kind)
                    .filter(l -> found.covered() >= ABOUT
                            && statements.size() < MOST
                            && statements.stream().noneMatch(s -> s.text().equals(l.text())))
                    .ifPresent(l -> statements.add(Quotes.recorded(found.meeting(), l, "")));
        }
        return statements;
    }
}
