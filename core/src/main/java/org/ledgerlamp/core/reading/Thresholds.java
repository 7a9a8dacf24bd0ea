package org.ledgerlamp.core.reading;

/** From which certainty on a finding is drafted, offered, or dropped. How they were chosen: docs/quality.md. */
public final class Thresholds {
    /** Below this what the rules alone claim is not worth weighing. */
    static final double WORTH_KEEPING = 0.3;

    private Thresholds() {}

    /** At and above this a finding of {@code kind} enters the draft. */
    public static double drafting(Kind kind) {
        return switch (kind) {
            case DECISION -> 0.35;
            case ACTION -> 0.6;
            case QUESTION -> 0.24;
            case RISK -> 0.23;
            case HIGHLIGHT -> 0.28;
            case LOWLIGHT -> 0.24;
            case POINT -> 0;
        };
    }

    /** At and above this a finding of {@code kind} is offered as possible; below it is dropped. */
    static double possible(Kind kind) {
        return drafting(kind) / 2;
    }

    /** At and above this what the rules alone claim is drafted, however it is weighed. */
    static double sure(Kind kind) {
        return switch (kind) {
            case DECISION -> 0.57;
            case HIGHLIGHT, QUESTION, RISK -> 0.6;
            case ACTION, LOWLIGHT -> 0.7;
            case POINT -> 1;
        };
    }
}
