package org.ledgerlamp.training;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Iterator;

/**
 * A logistic regression with a ridge penalty, fitted by L-BFGS (Liu and Nocedal 1989): the same rows give the same
 * weights, without a random start.
 */
final class Regression {
    private static final int HISTORY = 8;
    private static final double ARMIJO = 1e-4;
    private static final int MOST_HALVINGS = 30;

    private final Observations rows;
    private final float[] target;
    private final float[] importance;
    private final double ridge;
    private final double total;

    /**
     * @param rows what is known of each case
     * @param target 1 where it is what is looked for, else 0
     * @param importance how much each row counts, 0 for not at all
     * @param ridge penalty on the squared weights
     */
    Regression(Observations rows, float[] target, float[] importance, double ridge) {
        this.rows = rows;
        this.target = target;
        this.importance = importance;
        this.ridge = ridge;
        double sum = 0;
        for (float i : importance) {
            sum += i;
        }
        this.total = sum;
    }

    private record Step(double[] moved, double[] bent, double rho) {}

    /** The weights after at most {@code steps} steps; the last is the bias. */
    double[] fit(int steps) {
        int n = rows.columns() + 1;
        double[] w = new double[n];
        double[] gradient = new double[n];
        double loss = loss(w, gradient);
        Deque<Step> history = new ArrayDeque<>();
        for (int step = 0; step < steps; step++) {
            double[] direction = direction(gradient, history);
            double slope = dot(direction, gradient);
            double length = step == 0 ? 1 / Math.max(1e-9, Math.sqrt(dot(gradient, gradient))) : 1;
            double[] next = new double[n];
            double[] nextGradient = new double[n];
            double nextLoss = Double.POSITIVE_INFINITY;
            for (int halving = 0; halving < MOST_HALVINGS; halving++) {
                for (int i = 0; i < n; i++) {
                    next[i] = w[i] + length * direction[i];
                }
                nextLoss = loss(next, nextGradient);
                if (nextLoss <= loss + ARMIJO * length * slope) {
                    break;
                }
                length /= 2;
            }
            if (!(nextLoss < loss)) {
                break;
            }
            remember(w, next, gradient, nextGradient, history);
            w = next;
            gradient = nextGradient;
            loss = nextLoss;
        }
        return w;
    }

    private static void remember(double[] w, double[] next, double[] g, double[] nextG, Deque<Step> history) {
        double[] moved = new double[w.length];
        double[] bent = new double[w.length];
        for (int i = 0; i < w.length; i++) {
            moved[i] = next[i] - w[i];
            bent[i] = nextG[i] - g[i];
        }
        double curvature = dot(moved, bent);
        if (curvature > 1e-12) {
            history.addLast(new Step(moved, bent, 1 / curvature));
            if (history.size() > HISTORY) {
                history.removeFirst();
            }
        }
    }

    private static double[] direction(double[] gradient, Deque<Step> history) {
        double[] q = gradient.clone();
        double[] alpha = new double[history.size()];
        int i = history.size();
        for (Iterator<Step> it = history.descendingIterator(); it.hasNext(); ) {
            Step s = it.next();
            alpha[--i] = s.rho() * dot(s.moved(), q);
            add(q, s.bent(), -alpha[i]);
        }
        if (!history.isEmpty()) {
            Step last = history.getLast();
            double scale = 1 / (last.rho() * dot(last.bent(), last.bent()));
            for (int j = 0; j < q.length; j++) {
                q[j] *= scale;
            }
        }
        for (Step s : history) {
            add(q, s.moved(), alpha[i++] - s.rho() * dot(s.bent(), q));
        }
        for (int j = 0; j < q.length; j++) {
            q[j] = -q[j];
        }
        return q;
    }

    private double loss(double[] w, double[] gradient) {
        java.util.Arrays.fill(gradient, 0);
        double loss = 0;
        int bias = w.length - 1;
        for (int row = 0; row < rows.size(); row++) {
            if (importance[row] == 0) {
                continue;
            }
            double z = Math.max(-30, Math.min(30, rows.dot(row, w) + w[bias]));
            double p = 1 / (1 + Math.exp(-z));
            loss -= importance[row] * Math.log(target[row] == 1 ? p : 1 - p) / total;
            double error = importance[row] * (p - target[row]) / total;
            rows.add(row, error, gradient);
            gradient[bias] += error;
        }
        for (int i = 0; i < bias; i++) {
            loss += ridge * w[i] * w[i] / 2;
            gradient[i] += ridge * w[i];
        }
        return loss;
    }

    private static double dot(double[] a, double[] b) {
        double sum = 0;
        for (int i = 0; i < a.length; i++) {
            sum += a[i] * b[i];
        }
        return sum;
    }

    private static void add(double[] to, double[] what, double times) {
        for (int i = 0; i < to.length; i++) {
            to[i] += times * what[i];
        }
    }
}
