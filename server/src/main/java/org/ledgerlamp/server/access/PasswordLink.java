package org.ledgerlamp.server.access;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** An address by which somebody may choose a password, once and for a while. */
@Entity
@Table(name = "password_link")
class PasswordLink {
    @Id
    @Column(name = "member_id")
    private UUID memberId;

    private String digest;

    @Column(name = "expires_at")
    private Instant expiresAt;

    protected PasswordLink() {}

    PasswordLink(UUID memberId, String digest, Instant expiresAt) {
        this.memberId = memberId;
        this.digest = digest;
        this.expiresAt = expiresAt;
    }

    UUID memberId() {
        return memberId;
    }

    boolean isOpen(Instant now) {
        return expiresAt.isAfter(now);
    }
}
