package org.ledgerlamp.core.reading;

/** From which certainty on a finding is drafted, offered, or dropped. How they were chosen: docs/quality.md. */
public final class Thresholds {
    /** Below this a finding is dropped. */
    public static final double WORTH_KEEPING = 0.3;

    private Thresholds() {}

    /** At and above this a finding of {@code kind} enters the draft. */
    public static double drafting(Kind kind) {
        return switch (kind) {
            case DECISION -> 0.5;
            case ACTION -> 0.55;
            case QUESTION -> 0.5;
            case RISK, HIGHLIGHT, LOWLIGHT -> 0.5;
            case POINT -> 0;
        };
    }
}
