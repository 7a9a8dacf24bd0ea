package org.ledgerlamp.trials.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/**
 * How long somebody waited, in milliseconds.
 *
 * @param sorted the shortest first; at least one
 */
record Waits(List<Double> sorted) {
    private static final int READINGS = 40;
    private static final int MOST_TURNS_SHARED = 10;
    private static final double NANOS = 1e6;

    /** What somebody waits for. */
    interface Deed<T> {
        void by(T member) throws Exception;
    }

    /** Lets members do something all at once, again and again. */
    static <T> Waits of(List<T> members, Deed<T> deed) throws Exception {
        List<Double> all = new ArrayList<>();
        try (ExecutorService crowd = Executors.newVirtualThreadPerTaskExecutor()) {
            List<Future<List<Double>>> each = new ArrayList<>();
            for (T member : members) {
                each.add(crowd.submit(() -> {
                    List<Double> own = new ArrayList<>();
                    for (int i = 0; i < READINGS / Math.min(members.size(), MOST_TURNS_SHARED); i++) {
                        long start = System.nanoTime();
                        deed.by(member);
                        own.add((System.nanoTime() - start) / NANOS);
                    }
                    return own;
                }));
            }
            for (Future<List<Double>> one : each) {
                all.addAll(one.get());
            }
        }
        all.sort(Double::compare);
        return new Waits(all);
    }

    /** What a share of the waits stayed below. */
    double at(double share) {
        return sorted.get((int) Math.min(sorted.size() - 1.0, share * sorted.size()));
    }
}
