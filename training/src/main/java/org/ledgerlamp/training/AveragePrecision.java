package org.ledgerlamp.training;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.ledgerlamp.core.reading.Weights;

/** How well sentences are ranked for each column: the mean over the labelled ones of how many of those ranked as high are labelled. */
final class AveragePrecision {
    private final List<List<Scored>> byColumn = new ArrayList<>();

    private record Scored(double probability, boolean labelled) {}

    AveragePrecision() {
        Weights.COLUMNS.forEach(c -> byColumn.add(new ArrayList<>()));
    }

    /** Takes the sentences of a talk into account. */
    void add(double[][] probabilities, boolean[][] labelled) {
        for (int i = 0; i < probabilities.length; i++) {
            for (int k = 0; k < byColumn.size(); k++) {
                byColumn.get(k).add(new Scored(probabilities[i][k], labelled[i][k]));
            }
        }
    }

    /** Between 0 and 1. */
    double of(int column) {
        List<Scored> ranked = new ArrayList<>(byColumn.get(column));
        ranked.sort((a, b) -> Double.compare(b.probability(), a.probability()));
        double sum = 0;
        int found = 0;
        for (int rank = 0; rank < ranked.size(); rank++) {
            if (ranked.get(rank).labelled()) {
                found++;
                sum += found / (rank + 1.0);
            }
        }
        return found == 0 ? 0 : sum / found;
    }

    /** One line a column. */
    List<String> lines() {
        List<String> lines = new ArrayList<>();
        for (int k = 0; k < byColumn.size(); k++) {
            lines.add(String.format(Locale.ROOT, "average precision of %s: %.3f", Weights.COLUMNS.get(k), of(k)));
        }
        return lines;
    }
}
