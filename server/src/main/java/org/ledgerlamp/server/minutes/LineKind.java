package org.ledgerlamp.server.minutes;

import java.util.Optional;
import org.ledgerlamp.core.minutes.Line;
import org.ledgerlamp.core.minutes.Section;

/** What a line of kept minutes is: what the core finds, and the summary made of it. */
public enum LineKind {
    SUMMARY,
    DECISION,
    ACTION,
    QUESTION,
    RISK,
    HIGHLIGHT,
    LOWLIGHT,
    POINT,
    /** What was said, or stands in the ledger, in answer to the question of a section. */
    ANSWER;

    static LineKind of(Line line) {
        return line.section() != null ? ANSWER : valueOf(line.kind().name());
    }

    /** The lines a section of a template holds; empty where it holds none. */
    static Optional<LineKind> in(Section.Content content) {
        return switch (content) {
            case SUMMARY -> Optional.of(SUMMARY);
            case ANSWER, FROM_LEDGER -> Optional.of(ANSWER);
            default -> Optional.ofNullable(content.kind()).map(k -> valueOf(k.name()));
        };
    }
}
