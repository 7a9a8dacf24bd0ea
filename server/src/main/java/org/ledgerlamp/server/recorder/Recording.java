package org.ledgerlamp.server.recorder;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.common.Strings;
import org.ledgerlamp.server.common.Versioned;

/** A recording in the making, or what became of it. */
@Entity
class Recording extends Versioned {
    /** How it stands. */
    enum State {
        RUNNING,
        PAUSED,
        /** Delivered, and taken in as a source. */
        TAKEN
    }

    @Column(name = "recorder_id", updatable = false)
    private UUID recorderId;

    @Column(updatable = false)
    private String called;

    private String title;

    @Column(name = "started_at")
    private Instant startedAt;

    @Convert(converter = Strings.class)
    @Column(columnDefinition = "longtext")
    private List<String> people;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private State state = State.RUNNING;

    @Column(name = "heard_at")
    private Instant heardAt;

    @Column(name = "meeting_id")
    private UUID meetingId;

    @Column(name = "source_id")
    private UUID sourceId;

    protected Recording() {}

    Recording(Recorder recorder, String called, Instant startedAt) {
        super(recorder.teamId());
        this.recorderId = recorder.id();
        this.called = called;
        this.startedAt = startedAt;
        this.heardAt = startedAt;
        this.people = List.of();
    }

    /** Takes over what the recorder says of it. */
    void says(@Nullable String title, Instant startedAt, List<String> people) {
        this.title = title;
        this.startedAt = startedAt;
        this.people = List.copyOf(people);
    }

    void heard(Instant now) {
        heardAt = now;
    }

    void pause(boolean paused) {
        if (state != State.TAKEN) {
            state = paused ? State.PAUSED : State.RUNNING;
        }
    }

    void belongTo(UUID meeting) {
        meetingId = meeting;
    }

    /** Says that it was delivered and became a source. */
    void taken(UUID source) {
        state = State.TAKEN;
        sourceId = source;
    }

    UUID recorderId() {
        return recorderId;
    }

    /** What its recorder calls it. */
    String called() {
        return called;
    }

    @Nullable
    String title() {
        return title;
    }

    Instant startedAt() {
        return startedAt;
    }

    /** Who takes part, as the recorder names them. */
    List<String> people() {
        return people;
    }

    State state() {
        return state;
    }

    /** When anything was last heard of it. */
    Instant heardAt() {
        return heardAt;
    }

    /** The meeting it belongs to; null while that is not known. */
    @Nullable
    UUID meetingId() {
        return meetingId;
    }

    /** The source it became, or null. */
    @Nullable
    UUID sourceId() {
        return sourceId;
    }
}
