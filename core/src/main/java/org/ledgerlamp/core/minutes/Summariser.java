package org.ledgerlamp.core.minutes;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.ledgerlamp.core.reading.Evidence;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.Reading;
import org.ledgerlamp.core.reading.Topic;

/**
 * Sums a meeting up from its own lines: what was settled, the best and the worst of the news, what gives concern, who
 * has how much to do, and what it was about.
 */
final class Summariser {
    private static final String NOBODY = "nobody yet";
    private static final int MOST_DECISIONS = 3;
    private static final int MOST_TOPICS = 14;
    private static final int WORDS_OF_A_LINE = 13;

    private Summariser() {}

    static Summary of(Reading reading, List<Line> lines) {
        List<Line> told = new ArrayList<>();
        List<String> sentences = new ArrayList<>();
        List<Line> decisions = best(lines, Kind.DECISION, MOST_DECISIONS);
        if (!decisions.isEmpty()) {
            told.addAll(decisions);
            sentences.add(told(decisions.size() == 1 ? "Decided" : "Decided, among others", lines, decisions));
        }
        addBest("Good news", Kind.HIGHLIGHT, lines, told, sentences);
        addBest("Bad news", Kind.LOWLIGHT, lines, told, sentences);
        addBest("At risk", Kind.RISK, lines, told, sentences);
        String actions = actions(lines);
        if (!actions.isEmpty()) {
            sentences.add(actions);
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
        return new Summary(oneLine(lines, sentences), String.join(" ", sentences), evidence);
    }

    private static String oneLine(List<Line> lines, List<String> sentences) {
        return best(lines, Kind.DECISION, 1).stream()
                .map(Line::text)
                .findFirst()
                .orElse(sentences.getLast());
    }

    private static void addBest(String what, Kind kind, List<Line> lines, List<Line> told, List<String> sentences) {
        List<Line> best = best(lines, kind, 1);
        if (!best.isEmpty() && told.stream().noneMatch(best.getFirst()::restsOnTheSameAs)) {
            told.addAll(best);
            sentences.add(told(what, lines, best));
        }
    }

    /** "Decided: One thing. Another." */
    private static String told(String what, List<Line> lines, List<Line> chosen) {
        boolean all = chosen.size()
                == lines.stream()
                        .filter(l -> l.kind() == chosen.getFirst().kind())
                        .count();
        List<String> said = chosen.stream()
                .map(l -> Phrases.shortened(l.text().replaceAll("[.;]+$", ""), WORDS_OF_A_LINE))
                .toList();
        return (all ? what.replace(", among others", "") : what) + ": " + Phrases.sentence(String.join(". ", said));
    }

    /** "Three actions: Mira Voss 2, open 1." */
    private static String actions(List<Line> lines) {
        Map<String, Integer> byOwner = new LinkedHashMap<>();
        lines.stream()
                .filter(l -> l.kind() == Kind.ACTION)
                .forEach(l -> byOwner.merge(l.owner() == null ? NOBODY : l.owner(), 1, Integer::sum));
        int all = byOwner.values().stream().mapToInt(Integer::intValue).sum();
        if (all == 0) {
            return "";
        }
        List<String> owners = byOwner.entrySet().stream()
                .sorted(Comparator.comparing(
                                (Map.Entry<String, Integer> e) -> e.getKey().equals(NOBODY))
                        .thenComparingInt(e -> -e.getValue()))
                .map(e -> e.getKey() + (e.getValue() > 1 ? " " + e.getValue() : ""))
                .toList();
        return (all == 1 ? "One action" : all + " actions") + ": " + String.join(", ", owners) + ".";
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
