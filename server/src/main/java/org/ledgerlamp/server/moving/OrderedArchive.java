package org.ledgerlamp.server.moving;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.common.TeamOwned;
import org.ledgerlamp.server.common.Texts;

/** An archive that somebody asked for, and what became of it. */
@Entity
@Table(name = "team_archive")
class OrderedArchive extends TeamOwned {
    private static final int LONGEST_PROBLEM = 1000;

    @Column(name = "ordered_by", updatable = false)
    private String orderedBy;

    @Column(name = "ordered_at", updatable = false)
    private Instant orderedAt;

    private byte[] passphrase;

    @Column(name = "finished_at")
    private Instant finishedAt;

    private String file;
    private long bytes;
    private String problem;

    protected OrderedArchive() {}

    /** @param passphrase hidden; forgotten as soon as the archive is made */
    OrderedArchive(UUID teamId, String orderedBy, byte[] passphrase, Instant now) {
        super(teamId);
        this.orderedBy = orderedBy;
        this.orderedAt = now;
        this.passphrase = passphrase;
    }

    void made(String file, long bytes, Instant now) {
        this.file = file;
        this.bytes = bytes;
        finish(now);
    }

    void failed(String why, Instant now) {
        problem = Texts.shortened(why, LONGEST_PROBLEM);
        finish(now);
    }

    private void finish(Instant now) {
        passphrase = null;
        finishedAt = now;
    }

    String orderedBy() {
        return orderedBy;
    }

    Instant orderedAt() {
        return orderedAt;
    }

    /** Hidden; null once the archive is made. */
    byte @Nullable [] passphrase() {
        return passphrase;
    }

    /** Null while it is still to be made. */
    @Nullable
    Instant finishedAt() {
        return finishedAt;
    }

    /** Its name in the folder; null where it was not made. */
    @Nullable
    String file() {
        return file;
    }

    long bytes() {
        return bytes;
    }

    /** Why it was not made, or null. */
    @Nullable
    String problem() {
        return problem;
    }
}
