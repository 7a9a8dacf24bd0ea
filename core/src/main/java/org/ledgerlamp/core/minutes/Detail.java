package org.ledgerlamp.core.minutes;

/** How much of the talk is kept beyond decisions and actions. */
public enum Detail {
    BRIEF(0.25),
    STANDARD(0.20),
    FULL(0.07);

    private final double leastPoint;

    Detail(double leastPoint) {
        this.leastPoint = leastPoint;
    }

    /** How likely a sentence must be a point to be kept, 0 to 1. */
    public double leastPoint() {
        return leastPoint;
    }
}
