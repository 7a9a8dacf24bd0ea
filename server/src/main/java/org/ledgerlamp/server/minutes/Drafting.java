package org.ledgerlamp.server.minutes;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.minutes.Detail;
import org.ledgerlamp.server.common.TeamOwned;
import org.ledgerlamp.server.common.Texts;

/** A draft that was asked for, and what became of it. */
@Entity
class Drafting extends TeamOwned {
    private static final int LONGEST_PROBLEM = 1000;

    /** How far it is. */
    enum State {
        WAITING,
        READING,
        DONE,
        FAILED;

        boolean isOver() {
            return this == DONE || this == FAILED;
        }
    }

    /**
     * What is wanted.
     *
     * @param asked whether the member waits for it
     * @param template the form, or null for the one that fits
     * @param detail how much of the talk is kept, or null for what the form says
     */
    record Wish(
            UUID teamId,
            UUID memberId,
            UUID meetingId,
            boolean asked,
            @Nullable String template,
            @Nullable Detail detail) {}

    @Column(name = "member_id", updatable = false)
    private UUID memberId;

    @Column(name = "meeting_id", updatable = false)
    private UUID meetingId;

    @Column(updatable = false)
    private boolean asked;

    @Column(updatable = false)
    private String template;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    @Column(updatable = false)
    private Detail detail;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private State state = State.WAITING;

    private int sentences;

    @Column(name = "minutes_id")
    private UUID minutesId;

    private String problem;

    @Column(name = "begun_at", updatable = false)
    private Instant begunAt;

    protected Drafting() {}

    Drafting(Wish wish, Instant now) {
        super(wish.teamId());
        memberId = wish.memberId();
        meetingId = wish.meetingId();
        asked = wish.asked();
        template = wish.template();
        detail = wish.detail();
        begunAt = now;
    }

    Wish wish() {
        return new Wish(teamId(), memberId, meetingId, asked, template, detail);
    }

    State state() {
        return state;
    }

    boolean isOver() {
        return state.isOver();
    }

    void finished(UUID minutes, int ofSentences) {
        state = State.DONE;
        minutesId = minutes;
        sentences = ofSentences;
    }

    void failed(@Nullable String why) {
        state = State.FAILED;
        problem = Texts.shortened(why, LONGEST_PROBLEM);
    }

    /** @param progress of what is being done about it just now */
    DraftingView view(DraftingProgress progress) {
        boolean reading = state == State.WAITING && progress.all() > 0;
        return new DraftingView(
                id(),
                reading ? State.READING : state,
                state == State.DONE ? sentences : progress.done(),
                state == State.DONE ? sentences : progress.all(),
                minutesId,
                problem);
    }
}
