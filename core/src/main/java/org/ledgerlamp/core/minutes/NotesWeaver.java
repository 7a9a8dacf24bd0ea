package org.ledgerlamp.core.minutes;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.reading.Evidence;
import org.ledgerlamp.core.reading.Finding;
import org.ledgerlamp.core.reading.Reading;

/**
 * Joins what was noted with what was said. A noted finding confirms the one in the talk that shares its words; without
 * counterpart it stands on its own, as from notes only. The notes themselves are not changed.
 */
final class NotesWeaver {
    private static final double SAME_MATTER = 0.5;

    private NotesWeaver() {}

    /** The talk's findings, completed by those of the notes, in order of speech; noted ones without counterpart last. */
    static List<Finding> weave(Reading talk, Reading notes) {
        List<Finding> woven = new ArrayList<>(talk.findings());
        List<Finding> alone = new ArrayList<>();
        for (Finding noted : notes.findings()) {
            int match = counterpart(woven, noted);
            if (match >= 0) {
                woven.set(match, confirmed(woven.get(match), noted));
            } else {
                alone.add(fromNotesOnly(noted));
            }
        }
        woven.addAll(alone);
        return woven;
    }

    private static int counterpart(List<Finding> said, Finding noted) {
        Set<String> words = Words.content(noted.words());
        int best = -1;
        double bestOverlap = SAME_MATTER;
        for (int i = 0; i < said.size(); i++) {
            Finding f = said.get(i);
            if (f.kind() != noted.kind() || !sameOwner(f, noted)) {
                continue;
            }
            Set<String> spoken = new LinkedHashSet<>(Words.content(f.words()));
            f.evidence().forEach(e -> spoken.addAll(Words.content(e.quote())));
            double overlap = words.stream().filter(spoken::contains).count() / (double) Math.max(2, words.size());
            if (overlap >= bestOverlap) {
                best = i;
                bestOverlap = overlap;
            }
        }
        return best;
    }

    private static boolean sameOwner(Finding a, Finding b) {
        return a.owner() == null || b.owner() == null || Objects.equals(a.owner(), b.owner());
    }

    private static Finding confirmed(Finding said, Finding noted) {
        List<Evidence> evidence = new ArrayList<>(said.evidence());
        evidence.addAll(asNotes(noted.evidence()));
        List<String> reasons = new ArrayList<>(said.reasons());
        reasons.add("in the notes too");
        return said.with(
                said.about(),
                said.owner() != null ? said.owner() : noted.owner(),
                said.due() != null ? said.due() : noted.due(),
                Math.max(said.certainty(), noted.certainty()),
                reasons,
                evidence);
    }

    private static Finding fromNotesOnly(Finding noted) {
        List<String> reasons = new ArrayList<>(noted.reasons());
        reasons.add("from notes only");
        return new Finding(
                noted.kind(),
                noted.said(),
                noted.about(),
                null,
                null,
                noted.owner(),
                noted.due(),
                noted.backing(),
                noted.certainty(),
                reasons,
                asNotes(noted.evidence()));
    }

    private static List<Evidence> asNotes(List<Evidence> evidence) {
        return evidence.stream()
                .sorted(Comparator.comparingInt(Evidence::utterance))
                .map(e -> new Evidence(Evidence.Origin.NOTES, e.utterance(), null, null, e.start(), e.end(), e.quote()))
                .toList();
    }
}
