package org.ledgerlamp.server.minutes;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A line as the browser gets it. */
public record LineView(
        UUID id,
        int version,
        double position,
        @Nullable Integer number,
        LineKind kind,
        String text,
        @Nullable UUID ownerId,
        @Nullable LocalDate due,
        @Nullable String dueWords,
        int topic,
        @Nullable String section,
        LineState state,
        boolean drafted,
        double certainty,
        Grounds grounds,
        List<Basis> evidence) {

    static LineView of(MinutesLine l) {
        return new LineView(
                l.id(),
                l.version(),
                l.position(),
                l.number(),
                l.kind(),
                l.text(),
                l.ownerId(),
                l.due(),
                l.dueWords(),
                l.topic(),
                l.section(),
                l.state(),
                l.isDrafted(),
                l.certainty(),
                l.grounds(),
                l.evidence());
    }
}
