package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.ledgerlamp.core.language.Words;

/**
 * Makes one finding of what was said more than once: close by, as request and promise are, or far off, as in a recap,
 * which adds evidence and corrects owner and date.
 */
final class Merger {
    private static final int CLOSE = 3;
    private static final double SAME_CLOSE_BY = 0.4;
    private static final double SAME_FAR_OFF = 0.6;
    private static final int MOST_EVIDENCE = 5;

    private Merger() {}

    static List<Finding> merge(List<Finding> findings) {
        List<Finding> merged = new ArrayList<>();
        findings.stream().sorted(Comparator.comparingInt(Finding::utterance)).forEach(f -> {
            for (int i = merged.size() - 1; i >= 0; i--) {
                if (same(merged.get(i), f)) {
                    merged.set(i, joined(merged.get(i), f));
                    return;
                }
            }
            merged.add(f);
        });
        return merged;
    }

    private static boolean same(Finding a, Finding b) {
        if (a.kind() != b.kind()) {
            return false;
        }
        boolean close = b.utterance() - a.utterance() <= CLOSE;
        if (a.kind() == Kind.ACTION
                && a.owner() != null
                && b.owner() != null
                && !a.owner().equals(b.owner())) {
            return false;
        }
        if (close && a.evidence().stream().anyMatch(b.evidence()::contains)) {
            return true;
        }
        Set<String> first = Words.content(a.words());
        Set<String> second = Words.content(b.words());
        boolean thin = Math.min(first.size(), second.size()) < 3;
        double overlap = Words.overlap(first, second);
        return close ? overlap >= SAME_CLOSE_BY : overlap >= SAME_FAR_OFF && !thin;
    }

    /** Of a decision the last state counts, where it is sure enough to stand on its own. */
    private static boolean replaces(Finding later) {
        return later.kind() == Kind.DECISION && later.certainty() >= Thresholds.drafting(Kind.DECISION);
    }

    private static Finding joined(Finding a, Finding b) {
        Finding better = b.certainty() > a.certainty() || replaces(b) ? b : a;
        Finding other = better == a ? b : a;
        Set<Evidence> evidence = new LinkedHashSet<>(better.evidence());
        evidence.addAll(other.evidence());
        Set<String> reasons = new LinkedHashSet<>(better.reasons());
        reasons.addAll(other.reasons());
        double certainty = 1 - (1 - a.certainty()) * (1 - b.certainty() * 0.5);
        return better.with(
                b.owner() != null ? b.owner() : a.owner(),
                b.due() != null ? b.due() : a.due(),
                Math.round(Math.max(better.certainty(), certainty) * 100) / 100.0,
                List.copyOf(reasons),
                evidence.stream().limit(MOST_EVIDENCE).toList());
    }
}
