package org.ledgerlamp.server.ledger;

import java.time.LocalDate;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What the ledger shows of a folio or a reference note.
 *
 * @param id the minutes, or the reference note
 * @param folio its number
 * @param heldOn the day of the meeting, or the note's own
 * @param kind of meeting, or null
 * @param people those of the roster who attended
 */
public record CardFacts(
        UUID id,
        UUID teamId,
        CardSort sort,
        int folio,
        String title,
        LocalDate heldOn,
        @Nullable String series,
        @Nullable String kind,
        int decisions,
        int actions,
        int present,
        Set<UUID> people) {}
