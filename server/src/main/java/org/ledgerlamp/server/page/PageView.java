package org.ledgerlamp.server.page;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.NotedLine;
import org.ledgerlamp.core.source.Mark;

/**
 * A page of notes as the browser gets it.
 *
 * @param lines its lines, those below the rule last
 */
record PageView(List<PageLineView> lines, PenView pen) {
    /** A member by name. */
    record Hand(UUID id, String name) {}

    /** Who holds the pen, and who would like to. */
    record PenView(@Nullable Hand holder, @Nullable Hand askedBy) {}

    /**
     * What a line was understood to say.
     *
     * @param writtenOut the words with every abbreviation written out, where there is one, or null
     */
    record Understood(
            @Nullable Mark mark,
            @Nullable Kind kind,
            @Nullable String owner,
            @Nullable LocalDate due,
            @Nullable String dueWords,
            @Nullable String writtenOut) {
        static Understood of(NotedLine line, boolean abbreviated) {
            return new Understood(
                    line.mark().orElse(null),
                    line.kind(),
                    line.owner() == null ? null : line.owner().name(),
                    line.due() == null ? null : line.due().date(),
                    line.due() == null ? null : line.due().words(),
                    abbreviated ? line.writtenOut() : null);
        }
    }

    /** A line as it stands on the server. */
    record PageLineView(
            UUID name,
            long stamp,
            double position,
            int indent,
            String text,
            @Nullable Integer agendaItem,
            Instant typedAt,
            boolean beside,
            boolean removed,
            Hand by,
            Understood understood) {}
}
