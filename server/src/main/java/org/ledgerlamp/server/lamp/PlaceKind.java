package org.ledgerlamp.server.lamp;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import org.ledgerlamp.server.minutes.LineKind;

/** What a place is: a line of record of some kind, what was said, or what a reference note says. */
enum PlaceKind {
    SUMMARY,
    DECISION,
    ACTION,
    QUESTION,
    RISK,
    HIGHLIGHT,
    LOWLIGHT,
    POINT,
    ANSWER,
    SAID,
    NOTE;

    static PlaceKind of(LineKind kind) {
        return valueOf(kind.name());
    }

    /** By its name as it is typed, in one or several: "decision", "decisions". */
    static Optional<PlaceKind> named(String typed) {
        String word = typed.toUpperCase(Locale.ROOT);
        return Arrays.stream(values())
                .filter(k -> word.equals(k.name()) || word.equals(k.name() + "S"))
                .findFirst();
    }
}
