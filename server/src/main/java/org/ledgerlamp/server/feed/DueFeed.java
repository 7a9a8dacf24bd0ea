package org.ledgerlamp.server.feed;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.ledgerlamp.server.access.SignedIn;

/** The feed of a member. */
@Entity
class DueFeed {
    @Id
    @Column(name = "member_id")
    private UUID memberId;

    @Column(name = "team_id", updatable = false)
    private UUID teamId;

    @JdbcTypeCode(SqlTypes.CHAR)
    private String digest;

    @Column(name = "made_at")
    private Instant madeAt;

    protected DueFeed() {}

    DueFeed(SignedIn who, String digest, Instant now) {
        this.memberId = who.memberId();
        this.teamId = who.teamId();
        this.digest = digest;
        this.madeAt = now;
    }

    UUID memberId() {
        return memberId;
    }

    UUID teamId() {
        return teamId;
    }

    Instant madeAt() {
        return madeAt;
    }
}
