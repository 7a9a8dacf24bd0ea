package org.ledgerlamp.server.recorder;

import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What a recorder tells, as it writes it. Everything but event and id may be missing.
 *
 * @param event {@code recording.started}, {@code .segments}, {@code .paused}, {@code .resumed} or {@code .finished}
 * @param id what the recorder calls the recording
 * @param first number of the first of these segments within the recording, from 0
 */
record RecorderEvent(
        @Nullable String event,
        @Nullable String id,
        @Nullable String title,
        @Nullable Instant startedAt,
        @Nullable Integer first,
        @Nullable List<@Nullable Participant> participants,
        @Nullable List<@Nullable Segment> segments) {
    /** Somebody who takes part. */
    record Participant(@Nullable String name) {}

    /**
     * Something said.
     *
     * @param start seconds since the recording began
     * @param end seconds since the recording began
     */
    record Segment(@Nullable String speaker, @Nullable Double start, @Nullable Double end, @Nullable String text) {}

    /** The names of those who take part or speak. */
    List<String> people() {
        Stream<@Nullable String> named =
                participants == null ? Stream.of() : participants.stream().map(p -> p == null ? null : p.name());
        return named.filter(Objects::nonNull)
                .map(String::strip)
                .filter(n -> !n.isEmpty())
                .distinct()
                .toList();
    }
}
