package org.ledgerlamp.core.minutes;

/** How much of the talk is kept beyond decisions and actions. */
public enum Detail {
    BRIEF(0.25, 1.3, 2, 20),
    STANDARD(0.16, 1, 4, 45),
    FULL(0.05, 0.8, 8, 1000);

    private final double leastPoint;
    private final double strictness;
    private final int answers;

    private final int mostLines;

    Detail(double leastPoint, double strictness, int answers, int mostLines) {
        this.leastPoint = leastPoint;
        this.strictness = strictness;
        this.answers = answers;
        this.mostLines = mostLines;
    }

    /** How likely a sentence must be a point to be kept, 0 to 1. */
    public double leastPoint() {
        return leastPoint;
    }

    /** By what a section that asks for this detail multiplies how certain its lines must be. */
    double strictness() {
        return strictness;
    }

    /** The most lines that are drafted of an hour's talk or less; of more as many for each hour. */
    int mostLines() {
        return mostLines;
    }

    /** The most lines that answer a question asked of the meeting. */
    int answers() {
        return answers;
    }
}
