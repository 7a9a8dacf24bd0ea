package org.ledgerlamp.server.minutes;

import jakarta.persistence.Converter;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.common.JsonColumn;
import tools.jackson.core.type.TypeReference;

/** A topic of kept minutes: its title and where in the first source it stands. */
public record TopicMark(String title, int from, int to, @Nullable Integer startMs, @Nullable Integer agendaItem) {
    @Converter
    static class Column extends JsonColumn<List<TopicMark>> {
        Column() {
            super(new TypeReference<>() {});
        }
    }
}
