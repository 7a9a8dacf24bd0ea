package org.ledgerlamp.server.recorder;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.UuidGenerator;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.common.Texts;

/** Something heard while a recording is in the making. */
@Entity
@Table(name = "recorded_segment")
class RecordedSegment {
    private static final int LONGEST_NAME = 300;

    @Id
    @UuidGenerator(style = UuidGenerator.Style.VERSION_7)
    private UUID id;

    @Column(name = "recording_id", updatable = false)
    private UUID recordingId;

    private int n;
    private String speaker;

    @Column(name = "start_ms")
    private Integer startMs;

    @Column(name = "end_ms")
    private Integer endMs;

    @Column(columnDefinition = "longtext")
    private String text;

    protected RecordedSegment() {}

    RecordedSegment(UUID recordingId, int n, RecorderEvent.Segment said) {
        this.recordingId = recordingId;
        this.n = n;
        this.speaker = Texts.shortened(said.speaker(), LONGEST_NAME);
        this.startMs = millis(said.start());
        this.endMs = millis(said.end());
        this.text = said.text();
    }

    private static @Nullable Integer millis(@Nullable Double seconds) {
        return seconds == null || seconds < 0 || seconds > Integer.MAX_VALUE / 1000.0
                ? null
                : (int) Math.round(seconds * 1000);
    }

    int n() {
        return n;
    }

    @Nullable
    String speaker() {
        return speaker;
    }

    @Nullable
    Integer startMs() {
        return startMs;
    }

    @Nullable
    Integer endMs() {
        return endMs;
    }

    String text() {
        return text;
    }
}
