package org.ledgerlamp.server.guests;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.TeamOwned;
import org.ledgerlamp.server.minutes.Minutes;

/** A guest is let into one folio, or into all folios of a series, those to come as well. */
@Entity
@Table(name = "guest_grant")
class Grant extends TeamOwned {
    @Column(name = "guest_id", updatable = false)
    private UUID guestId;

    @Column(name = "minutes_id", updatable = false)
    private UUID minutesId;

    @Column(updatable = false)
    private String series;

    private boolean writes;

    @Column(name = "granted_by", updatable = false)
    private UUID grantedBy;

    @Column(name = "granted_at", updatable = false)
    private Instant grantedAt;

    @Column(name = "revoked_at")
    private Instant revokedAt;

    protected Grant() {}

    /** @param minutes the folio, or null where it is a series */
    Grant(SignedIn by, UUID guestId, @Nullable Minutes minutes, @Nullable String series, boolean writes, Instant now) {
        super(by.teamId());
        this.guestId = guestId;
        this.minutesId = minutes == null ? null : minutes.id();
        this.series = series;
        this.writes = writes;
        this.grantedBy = by.memberId();
        this.grantedAt = now;
    }

    void revoke(Instant now) {
        revokedAt = now;
    }

    void setWrites(boolean may) {
        writes = may;
    }

    /** Whether it opens a folio. */
    boolean opens(Minutes folio) {
        return folio.isFiled()
                && (folio.id().equals(minutesId)
                        || series != null && series.equals(folio.meeting().series()));
    }

    UUID guestId() {
        return guestId;
    }

    @Nullable
    UUID minutesId() {
        return minutesId;
    }

    @Nullable
    String series() {
        return series;
    }

    /** Whether the guest may also change what it opens. */
    boolean isWriting() {
        return writes;
    }

    UUID grantedBy() {
        return grantedBy;
    }

    Instant grantedAt() {
        return grantedAt;
    }
}
