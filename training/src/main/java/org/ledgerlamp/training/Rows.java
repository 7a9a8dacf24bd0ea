package org.ledgerlamp.training;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.ledgerlamp.core.reading.Weighable;
import org.ledgerlamp.core.reading.Weights;

/** The sentences of labelled meetings as rows of numbers: a column for each trait, then those of the sentence's vector. */
final class Rows {
    /** A trait seen in fewer meetings cannot be told from chance. */
    private static final int FEWEST_MEETINGS = 2;

    private final Map<String, Integer> columnOf = new TreeMap<>();
    private final List<int[]> columns = new ArrayList<>();
    private final List<float[]> strengths = new ArrayList<>();
    private final List<float[]> meanings = new ArrayList<>();

    Rows(List<Labelled> meetings) {
        Map<String, Integer> meetingsWith = new HashMap<>();
        for (Labelled meeting : meetings) {
            Set<String> seen = new HashSet<>();
            meeting.sentences().forEach(s -> seen.addAll(s.traits().keySet()));
            seen.forEach(t -> meetingsWith.merge(t, 1, Integer::sum));
        }
        meetingsWith.keySet().stream()
                .filter(t -> meetingsWith.get(t) >= FEWEST_MEETINGS)
                .sorted()
                .forEach(t -> columnOf.put(t, columnOf.size()));
        meetings.forEach(m -> m.sentences().forEach(this::add));
    }

    private void add(Weighable s) {
        List<String> known =
                s.traits().keySet().stream().filter(columnOf::containsKey).toList();
        int[] at = new int[known.size()];
        float[] strength = new float[known.size()];
        for (int i = 0; i < at.length; i++) {
            at[i] = columnOf.get(known.get(i));
            strength[i] = s.traits().get(known.get(i)).floatValue();
        }
        columns.add(at);
        strengths.add(strength);
        meanings.add(s.meaning());
    }

    int size() {
        return columns.size();
    }

    int columns() {
        return columnOf.size() + (meanings.isEmpty() ? 0 : meanings.getFirst().length);
    }

    double dot(int row, double[] weights) {
        int[] at = columns.get(row);
        float[] strength = strengths.get(row);
        double sum = 0;
        for (int i = 0; i < at.length; i++) {
            sum += strength[i] * weights[at[i]];
        }
        int first = columnOf.size();
        float[] meaning = meanings.get(row);
        double meant = 0;
        for (int d = 0; d < meaning.length; d++) {
            meant += meaning[d] * weights[first + d];
        }
        return sum + meant * Weights.VECTOR;
    }

    void add(int row, double times, double[] to) {
        int[] at = columns.get(row);
        float[] strength = strengths.get(row);
        for (int i = 0; i < at.length; i++) {
            to[at[i]] += strength[i] * times;
        }
        int first = columnOf.size();
        float[] meaning = meanings.get(row);
        double scaled = times * Weights.VECTOR;
        for (int d = 0; d < meaning.length; d++) {
            to[first + d] += meaning[d] * scaled;
        }
    }

    /** The fitted columns as weights by trait. */
    Weights named(List<double[]> byColumn) {
        Map<String, double[]> weights = new HashMap<>();
        columnOf.forEach((trait, column) -> weights.put(trait, across(byColumn, column)));
        for (int d = 0; d < columns() - columnOf.size(); d++) {
            weights.put(Weights.DIMENSION + d, across(byColumn, columnOf.size() + d));
        }
        weights.put(Weights.BIAS, across(byColumn, columns()));
        return new Weights(weights);
    }

    private static double[] across(List<double[]> byColumn, int column) {
        return byColumn.stream().mapToDouble(w -> w[column]).toArray();
    }
}
