package org.ledgerlamp.core.minutes;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.Reading;
import org.ledgerlamp.core.reading.Topic;

/** Sums a meeting up from its own lines: what was settled, what is to be done, what gives concern, what it was about. */
final class Summariser {
    private static final int MOST_DECISIONS = 4;
    private static final int MOST_TOPICS = 12;

    private Summariser() {}

    static Summary of(Reading reading, List<Line> lines) {
        List<String> titles = reading.topics().stream()
                .map(Topic::title)
                .distinct()
                .limit(MOST_TOPICS)
                .toList();
        List<Line> decisions = best(lines, Kind.DECISION, MOST_DECISIONS);
        List<String> sentences = new ArrayList<>();
        decisions.forEach(d -> sentences.add(d.text()));
        best(lines, Kind.HIGHLIGHT, 1).forEach(h -> sentences.add(h.text()));
        best(lines, Kind.LOWLIGHT, 1).forEach(l -> sentences.add(l.text()));
        best(lines, Kind.RISK, 1).forEach(r -> sentences.add(r.text()));
        long actions = lines.stream().filter(l -> l.kind() == Kind.ACTION).count();
        if (actions > 0) {
            sentences.add(actions == 1 ? "One action was taken on." : actions + " actions were taken on.");
        }
        String about = titles.isEmpty() ? "" : "Talked about: " + String.join("; ", titles) + ".";
        if (!about.isEmpty()) {
            sentences.add(about);
        }
        String oneLine = decisions.isEmpty()
                ? about.isEmpty() ? "Nothing was settled." : about
                : best(lines, Kind.DECISION, 1).getFirst().text();
        return new Summary(oneLine, sentences.isEmpty() ? oneLine : String.join(" ", sentences));
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
