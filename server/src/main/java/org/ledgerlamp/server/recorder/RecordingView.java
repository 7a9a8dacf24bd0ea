package org.ledgerlamp.server.recorder;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A recording as the browser gets it.
 *
 * @param canCommand whether its recorder takes commands
 * @param heard what was heard, or, where something is told live, what was heard since
 */
record RecordingView(
        UUID id,
        UUID recorderId,
        String recorder,
        @Nullable String title,
        Instant startedAt,
        Instant heardAt,
        Recording.State state,
        boolean canCommand,
        @Nullable UUID sourceId,
        List<HeardView> heard) {
    /** Something said. */
    record HeardView(int n, @Nullable String speaker, @Nullable Integer startMs, String text) {
        static HeardView of(RecordedSegment s) {
            return new HeardView(s.n(), s.speaker(), s.startMs(), s.text());
        }
    }

    static RecordingView of(Recording r, Recorder recorder, List<RecordedSegment> heard) {
        return new RecordingView(
                r.id(),
                recorder.id(),
                recorder.name(),
                r.title(),
                r.startedAt(),
                r.heardAt(),
                r.state(),
                recorder.control() != null,
                r.sourceId(),
                heard.stream().map(HeardView::of).toList());
    }
}
