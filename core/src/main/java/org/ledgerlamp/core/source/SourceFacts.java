package org.ledgerlamp.core.source;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;

/**
 * What a source tells about its meeting, beside the talk itself.
 *
 * @param title the meeting's title, or null
 * @param startedAt the instant the recording began, or null
 * @param date the day written in the source, or null
 * @param participants names listed in the source beside its speakers
 */
public record SourceFacts(String title, Instant startedAt, LocalDate date, List<String> participants) {
    public static final SourceFacts NONE = new SourceFacts(null, null, null, List.of());

    public SourceFacts {
        participants = List.copyOf(participants);
    }
}
