package org.ledgerlamp.server.minutes;

import jakarta.persistence.Converter;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.reading.TalkFigures;
import org.ledgerlamp.server.common.JsonColumn;
import tools.jackson.core.type.TypeReference;

/**
 * How long a meeting was and how full of talk; what the sources do not tell is null.
 *
 * @param seconds from start to last word
 * @param plannedSeconds how long it was to last
 * @param startedAfterSeconds how long after the plan it began, negative where before
 * @param silence share of the length in which nobody spoke, 0 to 1
 */
public record Figures(
        @Nullable Integer seconds,
        @Nullable Integer plannedSeconds,
        @Nullable Integer startedAfterSeconds,
        @Nullable Double silence) {
    static final Figures UNKNOWN = new Figures(null, null, null, null);

    static Figures of(TalkFigures f) {
        return new Figures(seconds(f.length()), seconds(f.planned()), seconds(f.startedAfter()), f.silence());
    }

    private static @Nullable Integer seconds(@Nullable Duration d) {
        return d == null ? null : (int) d.toSeconds();
    }

    @Converter
    static class Column extends JsonColumn<Figures> {
        Column() {
            super(new TypeReference<>() {});
        }
    }
}
