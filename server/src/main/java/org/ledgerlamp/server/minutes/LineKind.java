package org.ledgerlamp.server.minutes;

import java.util.Optional;
import org.ledgerlamp.core.minutes.Template;
import org.ledgerlamp.core.reading.Kind;

/** What a line of kept minutes is: what the core finds, and the summary made of it. */
public enum LineKind {
    SUMMARY,
    DECISION,
    ACTION,
    QUESTION,
    RISK,
    HIGHLIGHT,
    LOWLIGHT,
    POINT;

    static LineKind of(Kind kind) {
        return valueOf(kind.name());
    }

    /** The lines a section of a template holds; none for attendance. */
    static Optional<LineKind> in(Template.Content content) {
        return switch (content) {
            case ATTENDEES -> Optional.empty();
            case SUMMARY -> Optional.of(SUMMARY);
            case TOPICS -> Optional.of(POINT);
            case DECISIONS -> Optional.of(DECISION);
            case ACTIONS -> Optional.of(ACTION);
            case QUESTIONS -> Optional.of(QUESTION);
            case RISKS -> Optional.of(RISK);
            case HIGHLIGHTS -> Optional.of(HIGHLIGHT);
            case LOWLIGHTS -> Optional.of(LOWLIGHT);
        };
    }
}
