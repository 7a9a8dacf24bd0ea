package org.ledgerlamp.training;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.ledgerlamp.core.reading.FeaturedSentence;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.Weights;

/**
 * Learns weights from labelled meetings in two rounds. A label quotes several passages, some of which only lead up to
 * the one that carries it; the first round takes all of them, the second those that the first found telling, judged by
 * weights that had not seen their author.
 */
final class Learner {
    /** The rarer a kind and the looser its wording, the less its weights may follow the meetings at hand. */
    private static final Map<Kind, Double> RIDGES = Map.of(
            Kind.ACTION, 4e-4,
            Kind.QUESTION, 4e-4,
            Kind.RISK, 6e-3,
            Kind.HIGHLIGHT, 6e-3);

    private static final double RIDGE = 2e-3;
    private static final int STEPS = 50;
    private static final float LABELLED = 3;
    private static final double TELLING = 0.7;

    private static final int PARTS = 4;

    private Learner() {}

    static Weights learn(List<Labelled> meetings) {
        double[][][] unseen = new double[meetings.size()][][];
        List<String> authors =
                meetings.stream().map(Labelled::author).distinct().sorted().toList();
        for (int part = 0; part < PARTS; part++) {
            Set<String> out = new HashSet<>();
            for (int i = part; i < authors.size(); i += PARTS) {
                out.add(authors.get(i));
            }
            Weights others =
                    fit(meetings.stream().filter(m -> !out.contains(m.author())).toList(), null);
            for (int m = 0; m < unseen.length; m++) {
                if (out.contains(meetings.get(m).author())) {
                    unseen[m] = others.probabilities(meetings.get(m).sentences());
                }
            }
        }
        return fit(meetings, unseen);
    }

    /** @param unseen for each meeting the probabilities of its sentences by weights that had not seen its author, or null at first */
    private static Weights fit(List<Labelled> meetings, double[][][] unseen) {
        List<Map<String, Double>> features = new ArrayList<>();
        List<String> authors = new ArrayList<>();
        for (Labelled meeting : meetings) {
            for (FeaturedSentence sentence : meeting.sentences()) {
                features.add(sentence.features());
                authors.add(meeting.author());
            }
        }
        Rows rows = new Rows(features, authors);
        List<double[]> byColumn = IntStream.range(0, Weights.COLUMNS.size())
                .parallel()
                .mapToObj(column -> fit(column, meetings, rows, unseen))
                .toList();
        return new Weights(rows.named(byColumn, Weights.BIAS));
    }

    private static double[] fit(int column, List<Labelled> meetings, Rows rows, double[][][] unseen) {
        float[] target = new float[rows.size()];
        float[] importance = new float[rows.size()];
        Arrays.fill(importance, 1);
        int first = 0;
        for (int m = 0; m < meetings.size(); m++) {
            double[][] judged = unseen == null ? null : unseen[m];
            for (List<Integer> carriers : meetings.get(m).carriers().get(column)) {
                double[] probabilities = carriers.stream()
                        .mapToDouble(i -> judged == null ? 1 : judged[i][column])
                        .toArray();
                double best = Arrays.stream(probabilities).max().orElse(0);
                for (int c = 0; c < probabilities.length; c++) {
                    int row = first + carriers.get(c);
                    if (probabilities[c] >= best * TELLING) {
                        target[row] = 1;
                        importance[row] = LABELLED;
                    } else if (target[row] == 0) {
                        importance[row] = 0;
                    }
                }
            }
            first += meetings.get(m).sentences().size();
        }
        return new Regression(rows, target, importance, ridge(column)).fit(STEPS);
    }

    private static double ridge(int column) {
        return column == Weights.TURN ? RIDGE : RIDGES.getOrDefault(Kind.values()[column], RIDGE);
    }
}
