package org.ledgerlamp.training;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.ledgerlamp.core.minutes.Draft;
import org.ledgerlamp.core.minutes.Line;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.Weights;
import tools.jackson.databind.JsonNode;

/**
 * Chooses for each kind from which certainty on lines are drafted, on drafts by weights that had not seen their authors: where
 * F1 is best among those where lines are right often enough.
 */
final class ThresholdChoice {
    /** A line that would be struck costs more than one that is only offered. */
    private static final Map<Kind, Double> LEAST_PRECISION = Map.of(
            Kind.DECISION, 0.72,
            Kind.ACTION, 0.86);

    private static final double HIGHEST = 0.97;
    private static final double OFFERED = 0.3;

    private final Map<Kind, List<Scored>> lines = new HashMap<>();
    private final Map<Kind, Integer> labels = new HashMap<>();

    private record Scored(double certainty, boolean right) {}

    /** Takes a draft and its meeting's labels into account. */
    void add(Draft draft, JsonNode gold) {
        List<Line> all = new ArrayList<>(draft.lines());
        all.addAll(draft.possible());
        for (Kind kind : Kind.values()) {
            JsonNode ofKind = Labelled.labels(gold, kind);
            List<Line> drafted = all.stream().filter(l -> l.kind() == kind).toList();
            Set<Line> right = LabelMatch.matched(ofKind, drafted);
            labels.merge(kind, ofKind.size(), Integer::sum);
            drafted.forEach(l -> lines.computeIfAbsent(kind, k -> new ArrayList<>())
                    .add(new Scored(l.certainty(), right.contains(l))));
        }
    }

    /** {@code weights} with the thresholds chosen; says to {@code log} what they promise. */
    Weights in(Weights weights, java.util.function.Consumer<String> log) {
        double[] draft = new double[Weights.COLUMNS.size()];
        double[] offer = new double[Weights.COLUMNS.size()];
        for (Kind kind : Kind.values()) {
            double threshold = choose(kind, log);
            draft[Weights.column(kind)] = threshold;
            offer[Weights.column(kind)] = Math.round(threshold * OFFERED * 100) / 100.0;
        }
        return weights.with(Weights.DRAFTING, draft).with(Weights.OFFERING, offer);
    }

    private double choose(Kind kind, java.util.function.Consumer<String> log) {
        List<Scored> ranked = new ArrayList<>(lines.getOrDefault(kind, List.of()));
        ranked.sort(Comparator.comparingDouble(s -> -s.certainty()));
        double least = LEAST_PRECISION.getOrDefault(kind, 0.0);
        double best = -1;
        double threshold = HIGHEST;
        String promise = "";
        int right = 0;
        for (int n = 1; n <= ranked.size(); n++) {
            right += ranked.get(n - 1).right() ? 1 : 0;
            boolean lastOfItsCertainty = n == ranked.size()
                    || ranked.get(n).certainty() < ranked.get(n - 1).certainty();
            double precision = right / (double) n;
            double recall = right / (double) Math.max(1, labels.get(kind));
            double f1 = 2 * precision * recall / Math.max(1e-9, precision + recall);
            if (lastOfItsCertainty && precision >= least && f1 > best) {
                best = f1;
                threshold = ranked.get(n - 1).certainty();
                promise = String.format(Locale.ROOT, "precision %.2f, recall %.2f, F1 %.2f", precision, recall, f1);
            }
        }
        log.accept(String.format(Locale.ROOT, "%s from %.2f on: %s", kind.word(), threshold, promise));
        return threshold;
    }
}
