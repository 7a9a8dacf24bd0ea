package org.ledgerlamp.server.minutes;

import jakarta.persistence.Converter;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.reading.Topic;
import org.ledgerlamp.server.common.JsonColumn;
import org.ledgerlamp.server.common.Millis;
import tools.jackson.core.type.TypeReference;

/** A topic of kept minutes: its title and where in the talk it stands, counted over all its transcripts. */
public record TopicMark(String title, int from, int to, @Nullable Integer startMs, @Nullable Integer agendaItem) {
    static TopicMark of(Topic t) {
        return new TopicMark(t.title(), t.from(), t.to(), Millis.of(t.at()), t.agendaItem());
    }

    @Converter
    static class Column extends JsonColumn<List<TopicMark>> {
        Column() {
            super(new TypeReference<>() {});
        }
    }
}
