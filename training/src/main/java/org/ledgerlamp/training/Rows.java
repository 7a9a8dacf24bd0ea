package org.ledgerlamp.training;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/** Sentences or findings of labelled meetings as rows of numbers: a column for each feature. */
final class Rows implements Observations {
    /** What fewer authors say cannot be told from chance. */
    private static final int FEWEST_AUTHORS = 3;

    private final Map<String, Integer> columnOf = new TreeMap<>();
    private final List<int[]> columns = new ArrayList<>();
    private final List<float[]> strengths = new ArrayList<>();

    /**
     * @param features of each row
     * @param authors who wrote what each row is of
     */
    Rows(List<Map<String, Double>> features, List<String> authors) {
        Map<String, Set<String>> authorsWith = new HashMap<>();
        for (int row = 0; row < features.size(); row++) {
            String author = authors.get(row);
            features.get(row).keySet().forEach(f -> authorsWith
                    .computeIfAbsent(f, k -> new HashSet<>())
                    .add(author));
        }
        authorsWith.keySet().stream()
                .filter(f -> authorsWith.get(f).size() >= FEWEST_AUTHORS)
                .sorted()
                .forEach(t -> columnOf.put(t, columnOf.size()));
        features.forEach(this::add);
    }

    private void add(Map<String, Double> features) {
        List<String> known =
                features.keySet().stream().filter(columnOf::containsKey).toList();
        int[] at = new int[known.size()];
        float[] strength = new float[known.size()];
        for (int i = 0; i < at.length; i++) {
            at[i] = columnOf.get(known.get(i));
            strength[i] = features.get(known.get(i)).floatValue();
        }
        columns.add(at);
        strengths.add(strength);
    }

    @Override
    public int size() {
        return columns.size();
    }

    @Override
    public int columns() {
        return columnOf.size();
    }

    @Override
    public double dot(int row, double[] weights) {
        int[] at = columns.get(row);
        float[] strength = strengths.get(row);
        double sum = 0;
        for (int i = 0; i < at.length; i++) {
            sum += strength[i] * weights[at[i]];
        }
        return sum;
    }

    @Override
    public void add(int row, double times, double[] to) {
        int[] at = columns.get(row);
        float[] strength = strengths.get(row);
        for (int i = 0; i < at.length; i++) {
            to[at[i]] += strength[i] * times;
        }
    }

    /**
     * The fitted columns as weights by feature.
     *
     * @param bias the name of what every row has
     */
    Map<String, double[]> named(List<double[]> byColumn, String bias) {
        Map<String, double[]> weights = new HashMap<>();
        columnOf.forEach((feature, column) -> weights.put(feature, across(byColumn, column)));
        weights.put(bias, across(byColumn, columns()));
        return weights;
    }

    private static double[] across(List<double[]> byColumn, int column) {
        return byColumn.stream().mapToDouble(w -> w[column]).toArray();
    }
}
