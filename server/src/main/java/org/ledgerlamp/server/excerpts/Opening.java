package org.ledgerlamp.server.excerpts;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.ledgerlamp.server.common.TeamOwned;

/** Somebody opened an excerpt, or tried to. */
@Entity
@Table(name = "excerpt_opening")
class Opening extends TeamOwned {
    @Column(name = "excerpt_id", updatable = false)
    private UUID excerptId;

    @Column(name = "opened_at", updatable = false)
    private Instant openedAt;

    @Column(updatable = false)
    private String sender;

    @Column(updatable = false)
    private boolean granted;

    protected Opening() {}

    Opening(Excerpt excerpt, Instant at, String sender, boolean granted) {
        super(excerpt.teamId());
        this.excerptId = excerpt.id();
        this.openedAt = at;
        this.sender = sender;
        this.granted = granted;
    }

    UUID excerptId() {
        return excerptId;
    }

    Instant openedAt() {
        return openedAt;
    }

    /** The network address it was asked from. */
    String sender() {
        return sender;
    }

    /** Whether it was shown; otherwise the passphrase was wrong. */
    boolean isGranted() {
        return granted;
    }
}
