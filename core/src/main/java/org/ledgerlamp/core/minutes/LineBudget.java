package org.ledgerlamp.core.minutes;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.reading.Thresholds;
import org.ledgerlamp.core.source.Source;

/** Keeps a draft as short as its detail asks: what ranks lowest across all kinds is offered beside it instead. */
final class LineBudget {
    /** Words spoken in an hour. */
    private static final double HOUR = 9_000;
    /** How much a kind counts before its lines' certainty does: people read minutes for what was settled and who does what. */
    private static final double FIRST = 0.5;

    private static final double SECOND = 0.2;

    private LineBudget() {}

    /** The lines of {@code drafted} that the draft has room for. */
    static Set<Line> within(List<Line> drafted, Detail detail, Source source) {
        int words = source.utterances().stream()
                .mapToInt(u -> Words.count(u.text()))
                .sum();
        long most = Math.round(detail.mostLines() * Math.max(1, words / HOUR));
        return drafted.stream()
                .sorted(Comparator.comparingDouble((Line l) -> -rank(l)))
                .limit(most)
                .collect(HashSet::new, Set::add, Set::addAll);
    }

    private static double rank(Line line) {
        double kind =
                switch (line.kind()) {
                    case DECISION, ACTION -> FIRST;
                    case QUESTION, RISK, HIGHLIGHT, LOWLIGHT -> SECOND;
                    case POINT -> 0;
                };
        return kind + Thresholds.above(line.kind(), line.certainty());
    }
}
