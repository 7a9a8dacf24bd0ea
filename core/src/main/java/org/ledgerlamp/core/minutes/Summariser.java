package org.ledgerlamp.core.minutes;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.ledgerlamp.core.reading.Evidence;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.Reading;
import org.ledgerlamp.core.reading.Topic;

/** Sums a meeting up from its own lines: what was settled, what is to be done, what gives concern, what it was about. */
final class Summariser {
    private static final int MOST_DECISIONS = 4;
    private static final int MOST_TOPICS = 12;

    private Summariser() {}

    static Summary of(Reading reading, List<Line> lines) {
        List<Line> told = new ArrayList<>(best(lines, Kind.DECISION, MOST_DECISIONS));
        for (Kind kind : List.of(Kind.HIGHLIGHT, Kind.LOWLIGHT, Kind.RISK)) {
            told.addAll(best(lines, kind, 1));
        }
        List<String> sentences = new ArrayList<>(told.stream().map(Line::text).toList());
        long actions = lines.stream().filter(l -> l.kind() == Kind.ACTION).count();
        if (actions > 0) {
            sentences.add(actions == 1 ? "One action was taken on." : actions + " actions were taken on.");
        }
        List<String> titles = reading.topics().stream()
                .map(Topic::title)
                .distinct()
                .limit(MOST_TOPICS)
                .toList();
        if (!titles.isEmpty()) {
            sentences.add("Talked about: " + String.join("; ", titles) + ".");
        }
        if (sentences.isEmpty()) {
            sentences.add("Nothing was settled.");
        }
        List<Evidence> evidence =
                told.stream().map(l -> l.evidence().getFirst()).toList();
        String oneLine = best(lines, Kind.DECISION, 1).stream()
                .map(Line::text)
                .findFirst()
                .orElse(sentences.getLast());
        return new Summary(oneLine, String.join(" ", sentences), evidence);
    }

    /** The most certain lines of a kind, in order of speech. */
    private static List<Line> best(List<Line> lines, Kind kind, int most) {
        List<Line> ofKind = lines.stream().filter(l -> l.kind() == kind).toList();
        List<Line> chosen = ofKind.stream()
                .sorted(Comparator.comparingDouble(l -> -l.certainty()))
                .limit(most)
                .toList();
        return ofKind.stream().filter(chosen::contains).toList();
    }
}
