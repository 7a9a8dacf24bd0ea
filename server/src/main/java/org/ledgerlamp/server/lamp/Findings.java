package org.ledgerlamp.server.lamp;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.lamp.WordSearch;
import org.ledgerlamp.server.lamp.PlaceSearch.Reach;
import org.ledgerlamp.server.minutes.LineKind;

/**
 * What was found.
 *
 * @param query as typed
 * @param words of it that are looked for; blank where it only narrows
 * @param narrowings what the places found have besides
 * @param total places that have the words, of which the best are given
 * @param reach how the words had to be taken so that there are any
 * @param folios with the places found in them, the best first
 * @param facets by what it can be narrowed further
 */
record Findings(
        String query,
        String words,
        List<SearchPart> narrowings,
        long total,
        Reach reach,
        List<Found> folios,
        List<SearchFacet> facets) {
    /**
     * Something a search is narrowed to.
     *
     * @param known whether it means something here; where it does not, nothing is found
     */
    record SearchPart(WordSearch.By by, String value, boolean known) {}

    /**
     * Something a search can be narrowed to.
     *
     * @param value as it is typed
     * @param count of places where it is a kind or a person, else of folios
     */
    record SearchFacet(WordSearch.By by, String value, long count) {}

    /** A folio and the places in it, lines before passages. */
    record Found(int folio, String title, LocalDate date, @Nullable String series, int more, List<Hit> hits) {}

    /**
     * A place where it stands.
     *
     * @param line number of the line of a folio or the paragraph of a reference note, or null for a passage
     * @param kind what the line is, or null for a passage or a paragraph
     * @param sourceId the source, or null for a line
     * @param passage number of the passage, or null for a line
     * @param alike whether it does not have the words, but says much the same
     */
    record Hit(
            @Nullable Integer line,
            @Nullable LineKind kind,
            @Nullable UUID sourceId,
            @Nullable Integer passage,
            @Nullable String speaker,
            @Nullable Integer startMs,
            boolean alike,
            List<Snippet> text) {}
}
