package org.ledgerlamp.server.minutes;

import jakarta.persistence.Converter;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.common.JsonColumn;
import tools.jackson.core.type.TypeReference;

/**
 * A passage a line rests on.
 *
 * @param sourceId the source it stands in
 * @param passage its number within the source
 * @param start first character of the words within the passage
 * @param end character after the last
 * @param quote the words, verbatim
 * @param speaker who said them, as the source writes the name
 * @param startMs when, in milliseconds from the start of the recording
 */
public record Basis(
        UUID sourceId,
        int passage,
        int start,
        int end,
        String quote,
        @Nullable String speaker,
        @Nullable Integer startMs) {

    /** Passages as one column. */
    @Converter
    public static class Column extends JsonColumn<List<Basis>> {
        public Column() {
            super(new TypeReference<>() {});
        }
    }
}
