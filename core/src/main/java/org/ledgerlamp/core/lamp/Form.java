package org.ledgerlamp.core.lamp;

/** The form an answer takes. */
public enum Form {
    SENTENCE("in sentences"),
    LIST("as a list"),
    TABLE("as a table"),
    YES_NO("yes or no");

    private final String label;

    Form(String label) {
        this.label = label;
    }

    /** What it is called. */
    public String label() {
        return label;
    }
}
