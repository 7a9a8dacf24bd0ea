package org.ledgerlamp.trials.soak;

/**
 * A row of what a soak says.
 *
 * @param trial what was tried
 * @param measured what came of it
 * @param wanted what was to come of it
 * @param holds whether it did
 */
public record Result(String trial, String measured, String wanted, boolean holds) {
    /** The row as the soak prints it. */
    String row() {
        return "%-52s | %-78s | %-58s | %s".formatted(trial, measured, wanted, holds ? "yes" : "NO");
    }
}
