package org.ledgerlamp.server.access;

import java.time.Duration;
import org.springframework.stereotype.Component;

/** Sees to it that nobody is flooded with letters about a password they never forgot. */
@Component
public class ForgottenGuard {
    private static final Duration WINDOW = Duration.ofHours(1);
    private static final int MOST = 3;

    private final Tries tries;

    ForgottenGuard(Tries tries) {
        this.tries = tries;
    }

    /** Whether another letter may go to an address; counts it. */
    public boolean letsThrough(String email) {
        return tries.count("forgotten " + Member.normal(email), WINDOW) <= MOST;
    }
}
