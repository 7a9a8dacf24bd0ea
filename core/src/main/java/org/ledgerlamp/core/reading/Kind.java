package org.ledgerlamp.core.reading;

import java.util.Locale;

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

    /** The kind as one word in small letters, as files and features name it. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The heading under which lines of this kind stand. */
    public String heading() {
        return heading;
    }
}
