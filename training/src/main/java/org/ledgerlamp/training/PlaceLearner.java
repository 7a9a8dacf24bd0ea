package org.ledgerlamp.training;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.ledgerlamp.core.lamp.WeighedPlaces;
import org.ledgerlamp.core.lamp.WeighedPlaces.Place;
import org.ledgerlamp.training.LabelledLedger.Question;

/**
 * Learns how much each trait of a sentence counts for answering a question: the weights with which a labelled sentence
 * most likely comes first among all that are weighed (a softmax over each question's sentences), with a ridge penalty,
 * climbed by steps that adapt to each weight (Kingma and Ba 2015). The same questions give the same weights.
 */
final class PlaceLearner {
    private static final int STEPS = 600;
    private static final double STEP = 0.03;
    /** Of those tried the one whose weights do best on a ledger they never saw. */
    private static final double RIDGE = 0.15;

    private static final double SLOW = 0.9;
    private static final double SLOWER = 0.999;

    private PlaceLearner() {}

    /** A weight for each of {@link WeighedPlaces#traits()}. */
    static double[] learn(List<Question> questions) {
        int n = WeighedPlaces.traits().size();
        double[] spread = spread(questions, n);
        double[] w = new double[n];
        double[] mean = new double[n];
        double[] square = new double[n];
        for (int step = 1; step <= STEPS; step++) {
            double[] slope = new double[n];
            for (Question question : questions) {
                addSlope(question, w, spread, slope);
            }
            for (int i = 0; i < n; i++) {
                double g = slope[i] / questions.size() - RIDGE * w[i];
                mean[i] = SLOW * mean[i] + (1 - SLOW) * g;
                square[i] = SLOWER * square[i] + (1 - SLOWER) * g * g;
                double of = mean[i] / (1 - Math.pow(SLOW, step));
                w[i] += STEP * of / (Math.sqrt(square[i] / (1 - Math.pow(SLOWER, step))) + 1e-8);
            }
        }
        for (int i = 0; i < n; i++) {
            w[i] /= spread[i];
        }
        return w;
    }

    /** The share of questions one of whose labelled sentences is among the {@code first}. */
    static double found(List<Question> questions, double[] weights, int first) {
        long found = questions.stream()
                .filter(q -> order(q, weights).stream().limit(first).anyMatch(i -> q.answers()
                        .get(i)))
                .count();
        return (double) found / questions.size();
    }

    private static List<Integer> order(Question question, double[] weights) {
        List<Integer> order = new ArrayList<>(
                IntStream.range(0, question.places().size()).boxed().toList());
        order.sort(
                Comparator.comparingDouble((Integer i) -> -dot(question.places().get(i), weights)));
        return order;
    }

    private static double dot(Place place, double[] weights) {
        return IntStream.range(0, weights.length)
                .mapToDouble(i -> weights[i] * place.traits().get(i))
                .sum();
    }

    /** Adds how the likelihood that a labelled sentence comes first changes with each weight. */
    private static void addSlope(Question question, double[] w, double[] spread, double[] slope) {
        double[] scaled =
                IntStream.range(0, w.length).mapToDouble(i -> w[i] / spread[i]).toArray();
        double[] odds =
                question.places().stream().mapToDouble(p -> dot(p, scaled)).toArray();
        double most = Arrays.stream(odds).max().orElse(0);
        double all = 0;
        double labelled = 0;
        for (int p = 0; p < odds.length; p++) {
            odds[p] = Math.exp(odds[p] - most);
            all += odds[p];
            labelled += question.answers().get(p) ? odds[p] : 0;
        }
        for (int p = 0; p < odds.length; p++) {
            double target = question.answers().get(p) ? odds[p] / Math.max(labelled, Double.MIN_NORMAL) : 0;
            double error = target - odds[p] / all;
            for (int i = 0; i < w.length; i++) {
                slope[i] += error * question.places().get(p).traits().get(i) / spread[i];
            }
        }
    }

    /** The standard deviation of each trait, so that the penalty treats all alike; never 0. */
    private static double[] spread(List<Question> questions, int traits) {
        double[] spread = new double[traits];
        for (int i = 0; i < traits; i++) {
            int trait = i;
            double[] all = questions.stream()
                    .flatMap(q -> q.places().stream())
                    .mapToDouble(p -> p.traits().get(trait))
                    .toArray();
            double mean = Arrays.stream(all).average().orElse(0);
            double square = Arrays.stream(all)
                    .map(x -> (x - mean) * (x - mean))
                    .average()
                    .orElse(0);
            spread[i] = Math.sqrt(square) + 1e-6;
        }
        return spread;
    }
}
