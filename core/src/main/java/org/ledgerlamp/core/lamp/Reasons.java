package org.ledgerlamp.core.lamp;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.ledgerlamp.core.ledger.FiledLine;
import org.ledgerlamp.core.reading.Kind;

/** Why something was settled: the decision, and the reasons given in the talk that led to it. */
final class Reasons implements Composer {
    private static final int AMONG = 12;
    private static final int BEFORE = 14;
    private static final int AFTER = 4;
    private static final int MOST = 3;
    private static final int FEWEST_WORDS = 5;
    /** How much a word that gives a reason counts beside how well a sentence fits. */
    private static final double GIVES_A_REASON = 2.5;

    private static final Pattern REASON = Pattern.compile(
            "\\b(?:because|cos|'cause|since|due to|reasons?|that's why|otherwise|which (?:is why|means)|means|too \\p{L}+"
                    + "|can'?t|cannot|couldn'?t|won'?t|doesn'?t|isn'?t|no \\p{L}+ at all|not enough|problem|trouble|worse"
                    + "|cheaper|dearer|costs?|lose|losing|needs?|risk|afraid|said no|turns? out)\\b",
            Pattern.CASE_INSENSITIVE);

    @Override
    public List<Statement> compose(Asked asked) {
        if (!Support.isEnough(asked, asked.found())) {
            return List.of();
        }
        Optional<Found> settled = asked.found().stream()
                .limit(AMONG)
                .filter(f -> f.line(Kind.DECISION).isPresent())
                .findFirst();
        if (settled.isEmpty()) {
            return List.of();
        }
        Found at = settled.get();
        FiledLine decision = at.line(Kind.DECISION).orElseThrow();
        List<Found> reasons = asked.found().stream()
                .filter(f -> isAround(at, f) && Quotes.words(f.sentence().text()) >= FEWEST_WORDS)
                .filter(f -> f.sentence().passage() != at.sentence().passage())
                .filter(f -> !f.sentence().text().endsWith("?"))
                .sorted(Comparator.comparingDouble((Found f) -> -weight(f)))
                .limit(MOST)
                .sorted(Comparator.comparingInt(f -> f.sentence().passage()))
                .toList();
        List<Statement> statements = new ArrayList<>();
        statements.add(Quotes.recorded(at.meeting(), decision, ""));
        for (Found reason : reasons) {
            statements.add(Quotes.alone(reason));
        }
        return statements;
    }

    private static boolean isAround(Found decision, Found other) {
        int off = other.sentence().passage() - decision.sentence().passage();
        return other.meeting().id().equals(decision.meeting().id()) && off >= -BEFORE && off <= AFTER;
    }

    private static double weight(Found found) {
        boolean reason = REASON.matcher(found.sentence().text()).find();
        return found.score() + (reason ? GIVES_A_REASON : 0);
    }
}
