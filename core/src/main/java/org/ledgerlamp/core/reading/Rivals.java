package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.List;

/** Where one sentence was taken for several kinds, keeps the likelier; a decision and its action may share words. */
final class Rivals {
    private static final double MARGIN = 0.1;

    private Rivals() {}

    static List<Finding> settled(List<Finding> findings) {
        List<Finding> kept = new ArrayList<>();
        for (Finding f : findings) {
            boolean beaten = findings.stream().anyMatch(o -> o != f && rivals(o, f) && beats(o, f));
            if (!beaten) {
                kept.add(f);
            }
        }
        return kept;
    }

    private static boolean rivals(Finding a, Finding b) {
        return a.kind() != b.kind()
                && a.evidence().getFirst().equals(b.evidence().getFirst());
    }

    private static boolean beats(Finding a, Finding b) {
        return a.certainty() > b.certainty() + MARGIN
                || (a.certainty() >= b.certainty()
                        && a.kind().ordinal() < b.kind().ordinal());
    }
}
