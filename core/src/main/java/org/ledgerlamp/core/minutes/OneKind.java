package org.ledgerlamp.core.minutes;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.ledgerlamp.core.reading.Kind;

/**
 * One sentence is one kind of line: of several that rest on the same words the most certain stays. A point
 * is what is left of the talk and gives way to any other kind.
 */
final class OneKind {
    private OneKind() {}

    static List<Line> of(List<Line> lines) {
        List<Line> kept = new ArrayList<>();
        lines.stream()
                .sorted(Comparator.comparing((Line l) -> l.kind() == Kind.POINT)
                        .thenComparing(
                                Comparator.comparingDouble(Line::certainty).reversed()))
                .forEach(line -> {
                    if (kept.stream().noneMatch(k -> k.kind() != line.kind() && k.restsOnTheSameAs(line))) {
                        kept.add(line);
                    }
                });
        return kept;
    }
}
