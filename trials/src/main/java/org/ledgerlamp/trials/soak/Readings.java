package org.ledgerlamp.trials.soak;

import java.io.IOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.ledgerlamp.trials.Member;
import org.ledgerlamp.trials.Member.Answer;

/** How long requests took, and which were not answered as they should be. Several threads may add at once. */
final class Readings {
    private static final double NEARLY_ALL = 0.95;

    private final List<Double> seconds = Collections.synchronizedList(new ArrayList<>());
    private final Map<String, List<Double>> byPlace = new ConcurrentHashMap<>();
    private final List<String> errors = Collections.synchronizedList(new ArrayList<>());

    /** Something a member does. */
    interface Deed {
        void by(Member member) throws IOException, InterruptedException;
    }

    /** Reads something and remembers how long it took. */
    void read(Member member, String path) throws InterruptedException {
        long start = System.nanoTime();
        time(member, m -> {
            Answer answer = m.attempt("GET", path, "application/json", BodyPublishers.noBody());
            if (answer.status() != 200) {
                errors.add(path + ": " + answer.status());
            }
        });
        byPlace.computeIfAbsent(path, p -> Collections.synchronizedList(new ArrayList<>()))
                .add((System.nanoTime() - start) / 1e9);
    }

    /** Does something and remembers how long it took. */
    void time(Member member, Deed deed) throws InterruptedException {
        long start = System.nanoTime();
        try {
            deed.by(member);
        } catch (IOException e) {
            errors.add(e.toString());
        }
        seconds.add((System.nanoTime() - start) / 1e9);
    }

    /** What was slowest to read, by its own p95. */
    String slowest() {
        return byPlace.entrySet().stream()
                .max(Comparator.comparingDouble(e -> at(e.getValue(), NEARLY_ALL)))
                .map(e -> "%s %.2f s".formatted(e.getKey(), at(e.getValue(), NEARLY_ALL)))
                .orElse("nothing");
    }

    int count() {
        return seconds.size();
    }

    List<String> errors() {
        return List.copyOf(errors);
    }

    /** What a share of them stayed below, in seconds; 0 where there are none. */
    double at(double share) {
        return at(seconds, share);
    }

    private static double at(List<Double> times, double share) {
        List<Double> sorted = new ArrayList<>(times);
        Collections.sort(sorted);
        return sorted.isEmpty() ? 0 : sorted.get((int) Math.min(sorted.size() - 1.0, share * sorted.size()));
    }
}
