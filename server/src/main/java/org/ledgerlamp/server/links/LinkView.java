package org.ledgerlamp.server.links;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.minutes.Basis;
import org.ledgerlamp.server.minutes.LineKind;
import org.ledgerlamp.server.minutes.LineState;
import org.ledgerlamp.server.minutes.Minutes;
import org.ledgerlamp.server.minutes.MinutesLine;

/**
 * What a later folio says of an earlier line, as the browser gets it.
 *
 * @param due the day the action slipped to
 * @param ownerId who has the action from then on
 * @param evidence the words that say it, in the later folio's sources
 */
record LinkView(
        UUID id,
        int version,
        LinkEffect effect,
        LineState state,
        EarlierLine earlier,
        LaterPlace later,
        @Nullable LocalDate due,
        @Nullable UUID ownerId,
        List<Basis> evidence) {
    /** The earlier line. */
    record EarlierLine(UUID lineId, int folio, int number, LineKind kind, String text) {}

    /**
     * Where it is said.
     *
     * @param number of the line that records it, or null
     */
    record LaterPlace(int folio, @Nullable Integer number, String title, LocalDate date) {}

    static LinkView of(LineLink link, MinutesLine earlier, Minutes later, @Nullable MinutesLine laterLine) {
        return new LinkView(
                link.id(),
                link.version(),
                link.effect(),
                link.state(),
                new EarlierLine(earlier.id(), earlier.folio(), earlier.number(), earlier.kind(), earlier.text()),
                new LaterPlace(
                        later.folio(),
                        laterLine == null ? null : laterLine.number(),
                        later.title(),
                        later.meeting().date()),
                link.due(),
                link.ownerId(),
                link.evidence());
    }
}
