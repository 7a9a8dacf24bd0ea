package org.ledgerlamp.trials.soak;

import java.io.IOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.ledgerlamp.trials.Member;
import org.ledgerlamp.trials.Member.Answer;

/** How long requests took, and which were not answered as they should be. Several threads may add at once. */
final class Readings {
    private final List<Double> seconds = Collections.synchronizedList(new ArrayList<>());
    private final List<String> errors = Collections.synchronizedList(new ArrayList<>());

    /** Something a member does. */
    interface Deed {
        void by(Member member) throws IOException, InterruptedException;
    }

    /** Reads something and remembers how long it took. */
    void read(Member member, String path) throws InterruptedException {
        time(member, m -> {
            Answer answer = m.attempt("GET", path, "application/json", BodyPublishers.noBody());
            if (answer.status() != 200) {
                errors.add(path + ": " + answer.status());
            }
        });
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

    int count() {
        return seconds.size();
    }

    List<String> errors() {
        return List.copyOf(errors);
    }

    /** What a share of them stayed below, in seconds; 0 where there are none. */
    double at(double share) {
        List<Double> sorted = new ArrayList<>(seconds);
        Collections.sort(sorted);
        return sorted.isEmpty() ? 0 : sorted.get((int) Math.min(sorted.size() - 1.0, share * sorted.size()));
    }
}
