package org.ledgerlamp.server.citations;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.minutes.Minutes;
import org.ledgerlamp.server.minutes.MinutesLine;
import org.ledgerlamp.server.references.ReferenceLine;
import org.ledgerlamp.server.references.ReferenceNote;

/**
 * A line as it can be cited.
 *
 * @param home the meeting or the reference note it belongs to
 * @param folio the folio it is of record in, or null where it is of record no more
 * @param number its number there
 */
record CitedLine(UUID id, UUID home, @Nullable Integer folio, @Nullable Integer number, String title, String text) {
    static CitedLine of(MinutesLine line, Minutes minutes) {
        return new CitedLine(
                line.id(),
                minutes.meeting().id(),
                line.folio(),
                line.number(),
                minutes.meeting().title(),
                line.text());
    }

    static CitedLine of(ReferenceLine line, ReferenceNote note) {
        return new CitedLine(line.id(), note.id(), line.folio(), line.number(), note.title(), line.text());
    }
}
