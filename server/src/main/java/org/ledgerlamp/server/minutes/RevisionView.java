package org.ledgerlamp.server.minutes;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A revision of a folio: who changed what.
 *
 * @param number from 2; the folio as it was filed is 1
 * @param at when its last change was made
 */
public record RevisionView(int number, String by, Instant at, List<Change> changes) {
    /**
     * One change, side by side.
     *
     * @param lineId the line, or null where somebody's attendance was changed
     * @param line its number in the folio
     * @param person whose attendance was changed, or null
     * @param was how it stood; null where it is new
     */
    public record Change(
            @Nullable UUID lineId,
            @Nullable Integer line,
            @Nullable String person,
            @Nullable StandView was,
            StandView became) {}

    /** How a line or somebody's attendance stood. */
    public record StandView(@Nullable LineFacts line, @Nullable Boolean present) {
        static @Nullable StandView of(Amendment.@Nullable Stand stand) {
            return stand == null ? null : new StandView(stand.line(), stand.present());
        }
    }
}
