package org.ledgerlamp.core.reading;

/** How a decision was received. */
public enum Standing {
    UNOPPOSED("unopposed"),
    AGREED("agreed"),
    CONTESTED("contested");

    private final String label;

    Standing(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
