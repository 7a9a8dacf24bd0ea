package org.ledgerlamp.trials.soak;

import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.util.concurrent.TimeUnit;

/** Waits for things to come about, for so long altogether. */
final class Patience {
    private static final Duration ALTOGETHER = Duration.ofMinutes(2);
    private final Instant end = Instant.now().plus(ALTOGETHER);

    /** Something that comes about. */
    interface Condition {
        boolean holds() throws IOException, InterruptedException;
    }

    /** Waits until something holds; whether it does in the end. What was over before the end is looked at all the same. */
    boolean until(Condition condition) throws IOException, InterruptedException {
        while (!condition.holds()) {
            if (Instant.now().isAfter(end)) {
                return false;
            }
            TimeUnit.MILLISECONDS.sleep(100);
        }
        return true;
    }
}
