package org.ledgerlamp.server.page;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import org.ledgerlamp.server.common.Versioned;

/** The one pen of a meeting's page: who holds it, and who would like to. */
@Entity
class Pen extends Versioned {
    /** A holder who was not heard of for so long has gone. */
    private static final Duration FORGOTTEN_AFTER = Duration.ofSeconds(45);

    @Column(name = "meeting_id", updatable = false)
    private UUID meetingId;

    private UUID holder;

    @Column(name = "seen_at")
    private Instant seenAt;

    @Column(name = "asked_by")
    private UUID askedBy;

    protected Pen() {}

    /** Who holds it, or null where it lies there, also because its holder has gone. */
    UUID holder(Instant now) {
        return holder == null || seenAt.plus(FORGOTTEN_AFTER).isBefore(now) ? null : holder;
    }

    UUID askedBy() {
        return askedBy;
    }

    void give(UUID member, Instant now) {
        holder = member;
        seenAt = now;
        if (member == null || member.equals(askedBy)) {
            askedBy = null;
        }
    }

    void seen(Instant now) {
        seenAt = now;
    }

    void ask(UUID member) {
        askedBy = member;
    }
}
