package org.ledgerlamp.core.reading;

/** What a line of minutes is. */
public enum Kind {
    DECISION("Decisions"),
    ACTION("Actions"),
    QUESTION("Open questions"),
    RISK("Risks"),
    HIGHLIGHT("Highlights"),
    LOWLIGHT("Lowlights"),
    POINT("Points");

    private final String heading;

    Kind(String heading) {
        this.heading = heading;
    }

    /** The heading under which lines of this kind stand. */
    public String heading() {
        return heading;
    }
}
