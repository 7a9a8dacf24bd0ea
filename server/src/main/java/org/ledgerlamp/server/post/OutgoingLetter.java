package org.ledgerlamp.server.post;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.Letter;
import org.ledgerlamp.server.common.Texts;
import org.ledgerlamp.server.common.Versioned;

/** A letter to one recipient, and how far it has come. */
@Entity
@Table(name = "outgoing_letter")
class OutgoingLetter extends Versioned {
    private static final int LONGEST_PROBLEM = 1000;
    private static final int LONGEST_SUBJECT = 500;
    private static final int MOST_ATTEMPTS = 12;
    private static final Duration FIRST_PAUSE = Duration.ofMinutes(1);
    private static final Duration LONGEST_PAUSE = Duration.ofHours(2);

    /** How far a letter has come. */
    enum State {
        /** To be sent, or to be sent again. */
        WAITING,
        /** The mail server took it. */
        DELIVERED,
        /** The mail server refused it for good, or was out of reach for too long. */
        FAILED,
        /** Somebody withdrew it before it went out. */
        WITHDRAWN
    }

    @Column(updatable = false)
    private UUID dispatch;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    @Column(updatable = false)
    private LetterKind kind;

    @Column(name = "meeting_id", updatable = false)
    private UUID meetingId;

    @Column(name = "sent_by", updatable = false)
    private UUID sentBy;

    @Column(name = "written_at", updatable = false)
    private Instant writtenAt;

    @Column(updatable = false)
    private String name;

    @Column(updatable = false)
    private String address;

    @Column(updatable = false)
    private String subject;

    @Column(columnDefinition = "longtext", updatable = false)
    private String text;

    @Column(columnDefinition = "longtext", updatable = false)
    private String html;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private State state = State.WAITING;

    private int attempts;

    @Column(name = "next_try_at")
    private Instant nextTryAt;

    @Column(name = "settled_at")
    private Instant settledAt;

    private String problem;

    /** Encrypted; see {@link PrivateAddress}. */
    @Column(name = "private_address")
    private byte[] privateAddress;

    protected OutgoingLetter() {}

    OutgoingLetter(Dispatch dispatch, Recipient to, Letter letter, Instant now) {
        super(dispatch.teamId());
        this.dispatch = dispatch.id();
        this.kind = dispatch.kind();
        this.meetingId = dispatch.meetingId();
        this.sentBy = dispatch.sentBy();
        this.writtenAt = now;
        this.nextTryAt = now;
        this.name = to.name();
        this.address = to.address();
        this.subject = Texts.shortened(letter.subject(), LONGEST_SUBJECT);
        this.text = letter.text();
        this.html = letter.html();
    }

    /** @param hidden encrypted */
    void keepPrivate(byte[] hidden) {
        privateAddress = hidden.clone();
    }

    byte @Nullable [] privateAddress() {
        return privateAddress;
    }

    void delivered(Instant now) {
        attempts++;
        settle(State.DELIVERED, now);
        problem = null;
        privateAddress = null;
    }

    /** It did not go out; it is tried again after a pause that doubles, until it was tried too often. */
    void putOff(String why, Instant now) {
        attempts++;
        problem = Texts.shortened(why, LONGEST_PROBLEM);
        if (attempts >= MOST_ATTEMPTS) {
            settle(State.FAILED, now);
        } else {
            Duration pause = FIRST_PAUSE.multipliedBy(1L << (attempts - 1));
            nextTryAt = now.plus(pause.compareTo(LONGEST_PAUSE) > 0 ? LONGEST_PAUSE : pause);
        }
    }

    /** It will never go out like this. */
    void refused(String why, Instant now) {
        attempts++;
        problem = Texts.shortened(why, LONGEST_PROBLEM);
        settle(State.FAILED, now);
    }

    void withdraw(Instant now) {
        settle(State.WITHDRAWN, now);
    }

    /** Is sent as if for the first time. */
    void sendAgain(Instant now) {
        state = State.WAITING;
        attempts = 0;
        settledAt = null;
        nextTryAt = now;
    }

    private void settle(State settled, Instant now) {
        state = settled;
        settledAt = now;
        nextTryAt = null;
    }

    UUID dispatch() {
        return dispatch;
    }

    LetterKind kind() {
        return kind;
    }

    @Nullable
    UUID meetingId() {
        return meetingId;
    }

    /** The member who sent it; null where it was written by itself. */
    @Nullable
    UUID sentBy() {
        return sentBy;
    }

    Instant writtenAt() {
        return writtenAt;
    }

    String name() {
        return name;
    }

    String address() {
        return address;
    }

    Letter letter() {
        return new Letter(subject, text, html);
    }

    State state() {
        return state;
    }

    int attempts() {
        return attempts;
    }

    @Nullable
    Instant nextTryAt() {
        return nextTryAt;
    }

    /** When it was delivered, failed or withdrawn; null while it waits. */
    @Nullable
    Instant settledAt() {
        return settledAt;
    }

    /** What stood in its way the last time, or null. */
    @Nullable
    String problem() {
        return problem;
    }
}
