package org.ledgerlamp.server.guests;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A guest may choose a password, by an address that was sent to them. */
@Entity
@Table(name = "guest_invitation")
class Invitation {
    @Id
    @Column(name = "guest_id")
    private UUID guestId;

    private String digest;

    @Column(name = "expires_at")
    private Instant expiresAt;

    protected Invitation() {}

    Invitation(UUID guestId, String digest, Instant expiresAt) {
        this.guestId = guestId;
        this.digest = digest;
        this.expiresAt = expiresAt;
    }

    UUID guestId() {
        return guestId;
    }

    boolean isOpen(Instant now) {
        return expiresAt.isAfter(now);
    }
}
