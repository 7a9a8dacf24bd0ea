package org.ledgerlamp.core.reading;

/**
 * From which probability on a finding is drafted, offered, or dropped. Chosen for precision on labelled meetings whose
 * authors the weights had not seen, and kept in one file with the weights; see docs/quality.md.
 */
public final class Thresholds {
    /** Below this what the rules alone claim is not worth weighing. */
    static final double WORTH_KEEPING = 0.3;

    /** At and above this what the rules alone claim is offered, however it is weighed. */
    static final double WORTH_OFFERING = 0.45;

    /** What is left above a threshold at the least, so that nothing is divided by nothing. */
    private static final double NARROWEST = 0.01;

    private Thresholds() {}

    /** At and above this a finding of {@code kind} enters the draft. */
    public static double drafting(Kind kind) {
        return Weights.shipped().row(Weights.DRAFTING)[Weights.column(kind)];
    }

    /** How much of the way from the threshold of {@code kind} to certainty a line has come, negative below it, 1 at the most. */
    public static double above(Kind kind, double certainty) {
        double least = drafting(kind);
        return (certainty - least) / Math.max(NARROWEST, 1 - least);
    }

    /** At and above this the rules alone are sure. */
    static double sure(Kind kind) {
        return switch (kind) {
            case DECISION -> 0.57;
            case HIGHLIGHT, QUESTION, RISK -> 0.6;
            case ACTION, LOWLIGHT -> 0.7;
            case POINT -> 1;
        };
    }

    /** At and above this a sentence may carry a finding of {@code kind} at all, which then is judged as a whole. */
    static double gathering(Kind kind) {
        return switch (kind) {
            case DECISION -> 0.2;
            case ACTION -> 0.25;
            case QUESTION -> 0.14;
            case RISK, HIGHLIGHT, LOWLIGHT -> 0.11;
            case POINT -> 1;
        };
    }

    /** At and above this a finding of {@code kind} is offered as possible; below it is dropped. */
    static double possible(Kind kind) {
        return Weights.shipped().row(Weights.OFFERING)[Weights.column(kind)];
    }
}
