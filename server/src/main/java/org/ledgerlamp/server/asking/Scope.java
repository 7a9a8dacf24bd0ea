package org.ledgerlamp.server.asking;

import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Which part of the ledger is asked. Of folio, draft, series and collection the first that is named counts.
 *
 * @param folio number of the one folio that is asked, or null
 * @param draft id of the minutes that are asked while they are a draft, or null
 * @param series the series whose meetings are asked, or null
 * @param collection name of the collection whose folios are asked, or null
 * @param notes whether reference notes are asked as well; null means no
 */
record Scope(
        @Nullable Integer folio,
        @Nullable UUID draft,
        @Nullable @Size(max = 160) String series,
        @Nullable @Size(max = 160) String collection,
        @Nullable Boolean notes) {
    /** Everything that was minuted. */
    static final Scope LEDGER = new Scope(null, null, null, null, null);

    /** Whether all meetings are asked. */
    boolean isEveryMeeting() {
        return folio == null && draft == null && series == null && collection == null;
    }

    boolean withNotes() {
        return Boolean.TRUE.equals(notes);
    }

    /** In words, to stand after "asked of". */
    String words() {
        String part = folio != null
                ? "folio " + folio
                : draft != null
                        ? "one draft"
                        : series != null
                                ? "the series " + series
                                : collection != null ? "the collection " + collection : "the whole ledger";
        return withNotes() ? part + " and the reference notes" : part;
    }
}
