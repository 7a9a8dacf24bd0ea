package org.ledgerlamp.server.lamp;

import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;

/**
 * Which part of the ledger is asked.
 *
 * @param folio number of the one folio that is asked, or null
 * @param series the series whose meetings are asked, or null; with a folio it does not count
 */
record Scope(@Nullable Integer folio, @Nullable @Size(max = 160) String series) {
    /** Everything that may be read. */
    static final Scope LEDGER = new Scope(null, null);

    boolean isLedger() {
        return folio == null && series == null;
    }
}
