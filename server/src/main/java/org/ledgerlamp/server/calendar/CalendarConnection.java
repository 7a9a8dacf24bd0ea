package org.ledgerlamp.server.calendar;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.net.URI;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.ledgerlamp.server.common.Texts;
import org.ledgerlamp.server.common.Versioned;

/** A calendar of a member's that the team's meetings come from. */
@Entity
@Table(name = "calendar_connection")
class CalendarConnection extends Versioned {
    private static final int LONGEST_PROBLEM = 1000;

    @Column(name = "member_id", updatable = false)
    private UUID memberId;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private ConnectionKind kind;

    private String name;
    private String address;
    private String username;

    /** Encrypted. */
    private byte[] secret;

    @Column(name = "tried_at")
    private Instant triedAt;

    @Column(name = "reached_at")
    private Instant reachedAt;

    private String problem;

    protected CalendarConnection() {}

    CalendarConnection(
            UUID teamId,
            UUID memberId,
            ConnectionKind kind,
            String name,
            String address,
            String username,
            byte[] secret) {
        super(teamId);
        this.memberId = memberId;
        this.kind = kind;
        this.name = name;
        this.address = address;
        this.username = username;
        this.secret = secret;
    }

    void reached(Instant now) {
        triedAt = now;
        reachedAt = now;
        problem = null;
    }

    /** What was known last stays. */
    void failed(Instant now, String why) {
        triedAt = now;
        problem = Texts.shortened(why, LONGEST_PROBLEM);
    }

    UUID memberId() {
        return memberId;
    }

    ConnectionKind kind() {
        return kind;
    }

    String name() {
        return name;
    }

    URI address() {
        return URI.create(address);
    }

    String username() {
        return username;
    }

    byte[] secret() {
        return secret;
    }

    /** When it was last asked, or null. */
    Instant triedAt() {
        return triedAt;
    }

    /** When it last answered, or null. */
    Instant reachedAt() {
        return reachedAt;
    }

    /** Why it did not answer the last time, or null. */
    String problem() {
        return problem;
    }
}
