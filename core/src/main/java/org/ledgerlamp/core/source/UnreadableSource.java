package org.ledgerlamp.core.source;

/** Nothing could be read of a source. The message names the place and what was expected; the bytes are untouched. */
public final class UnreadableSource extends Exception {
    private static final long serialVersionUID = 1L;

    private final transient Problem problem;

    public UnreadableSource(String place, String message) {
        super(place + ": " + message);
        this.problem = new Problem(place, message);
    }

    /** The place and the reason, apart. */
    public Problem problem() {
        return problem;
    }
}
