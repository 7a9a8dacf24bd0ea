package org.ledgerlamp.core.lamp;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.ledgerlamp.core.ledger.FiledLine;
import org.ledgerlamp.core.ledger.Stems;

/** Everything about a subject: what was recorded of it in order of time, and where nothing was, what was said. */
final class Everything implements Composer {
    private static final Pattern ASKED =
            Pattern.compile("\\beverything\\b|\\ball (?:about|on|we (?:know|have))\\b", Pattern.CASE_INSENSITIVE);
    private static final int MEETINGS = 12;
    private static final int MOST = 8;
    /** The share of the subject that a line's words hold. */
    private static final double ABOUT = 0.6;

    private record Line(LampMeeting meeting, FiledLine line, double held) {}

    @Override
    public List<Statement> compose(Asked asked) {
        Sought subject = asked.sought().withoutPeople();
        if (!ASKED.matcher(asked.question()).find() || subject.terms().isEmpty()) {
            return List.of();
        }
        Period period = asked.wanted().period();
        List<Line> lines = new ArrayList<>();
        for (LampMeeting meeting : asked.ledger().likely(asked.sought(), asked.wanted(), MEETINGS)) {
            if (period == null || period.holds(meeting.filed().date())) {
                meeting.filed().lines().forEach(l -> lines.add(new Line(meeting, l, held(subject, l))));
            }
        }
        List<Line> best = lines.stream()
                .filter(l -> l.held() >= ABOUT)
                .sorted(Comparator.comparingDouble((Line l) -> -l.held())
                        .thenComparing(l -> -l.line().certainty()))
                .limit(MOST)
                .sorted(Comparator.comparing((Line l) -> l.meeting().filed().date())
                        .thenComparing(l -> l.line().passage()))
                .toList();
        List<Statement> statements = new ArrayList<>();
        for (Line l : best) {
            statements.add(
                    statements.isEmpty() || !statements.getLast().isFrom(l.meeting())
                            ? Quotes.recorded(l.meeting(), l.line(), "")
                            : Quotes.further(l.meeting(), l.line()));
        }
        return statements;
    }

    private static double held(Sought subject, FiledLine line) {
        Set<String> words = new LinkedHashSet<>(Stems.of(line.text()));
        line.quotes().forEach(q -> words.addAll(Stems.of(q)));
        return subject.held(t -> t.isIn(words) ? 1 : 0) / subject.weight();
    }
}
