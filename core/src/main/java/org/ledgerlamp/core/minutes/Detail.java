package org.ledgerlamp.core.minutes;

/** How much of the talk is kept beyond decisions and actions. */
public enum Detail {
    BRIEF(0.1),
    STANDARD(0.25),
    FULL(0.5);

    private final double pointShare;

    Detail(double pointShare) {
        this.pointShare = pointShare;
    }

    /** The share of a topic's sentences that may become points, 0 to 1. */
    public double pointShare() {
        return pointShare;
    }
}
