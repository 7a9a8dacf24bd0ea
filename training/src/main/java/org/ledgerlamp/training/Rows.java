package org.ledgerlamp.training;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.ledgerlamp.core.reading.FeaturedSentence;
import org.ledgerlamp.core.reading.Weights;

/** The sentences of labelled meetings as rows of numbers: a column for each feature. */
final class Rows implements Observations {
    /** What fewer authors say cannot be told from chance. */
    private static final int FEWEST_AUTHORS = 3;

    private final Map<String, Integer> columnOf = new TreeMap<>();
    private final List<int[]> columns = new ArrayList<>();
    private final List<float[]> strengths = new ArrayList<>();
    private final List<float[]> embeddings = new ArrayList<>();

    Rows(List<Labelled> meetings) {
        Map<String, Set<String>> authorsWith = new HashMap<>();
        for (Labelled meeting : meetings) {
            for (FeaturedSentence sentence : meeting.sentences()) {
                sentence.features().keySet().forEach(f -> authorsWith
                        .computeIfAbsent(f, k -> new HashSet<>())
                        .add(meeting.author()));
            }
        }
        authorsWith.keySet().stream()
                .filter(f -> authorsWith.get(f).size() >= FEWEST_AUTHORS)
                .sorted()
                .forEach(t -> columnOf.put(t, columnOf.size()));
        meetings.forEach(m -> m.sentences().forEach(this::add));
    }

    private void add(FeaturedSentence s) {
        List<String> known =
                s.features().keySet().stream().filter(columnOf::containsKey).toList();
        int[] at = new int[known.size()];
        float[] strength = new float[known.size()];
        for (int i = 0; i < at.length; i++) {
            at[i] = columnOf.get(known.get(i));
            strength[i] = s.features().get(known.get(i)).floatValue();
        }
        columns.add(at);
        strengths.add(strength);
        embeddings.add(s.embedding());
    }

    @Override
    public int size() {
        return columns.size();
    }

    @Override
    public int columns() {
        return columnOf.size() + (embeddings.isEmpty() ? 0 : embeddings.getFirst().length);
    }

    @Override
    public double dot(int row, double[] weights) {
        int[] at = columns.get(row);
        float[] strength = strengths.get(row);
        double sum = 0;
        for (int i = 0; i < at.length; i++) {
            sum += strength[i] * weights[at[i]];
        }
        int first = columnOf.size();
        float[] embedding = embeddings.get(row);
        double meant = 0;
        for (int d = 0; d < embedding.length; d++) {
            meant += embedding[d] * weights[first + d];
        }
        return sum + meant * Weights.EMBEDDING;
    }

    @Override
    public void add(int row, double times, double[] to) {
        int[] at = columns.get(row);
        float[] strength = strengths.get(row);
        for (int i = 0; i < at.length; i++) {
            to[at[i]] += strength[i] * times;
        }
        int first = columnOf.size();
        float[] embedding = embeddings.get(row);
        double scaled = times * Weights.EMBEDDING;
        for (int d = 0; d < embedding.length; d++) {
            to[first + d] += embedding[d] * scaled;
        }
    }

    /** The fitted columns as weights by feature. */
    Weights named(List<double[]> byColumn) {
        Map<String, double[]> weights = new HashMap<>();
        columnOf.forEach((feature, column) -> weights.put(feature, across(byColumn, column)));
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
