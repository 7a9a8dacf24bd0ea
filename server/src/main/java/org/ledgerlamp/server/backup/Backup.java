package org.ledgerlamp.server.backup;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.common.Texts;

/** A backup that is to be made, or was. */
@Entity
class Backup {
    private static final int LONGEST_PROBLEM = 1000;

    @Id
    private UUID id;

    @Column(updatable = false)
    private boolean nightly;

    @Column(updatable = false)
    private Instant due;

    @Column(name = "finished_at")
    private Instant finishedAt;

    private String file;
    private long bytes;
    private boolean encrypted;
    private boolean tried;
    private String problem;

    protected Backup() {}

    Backup(boolean nightly, Instant due) {
        this.id = UUID.randomUUID();
        this.nightly = nightly;
        this.due = due;
    }

    /** It lies in a file and was read back. */
    void made(String file, long bytes, boolean encrypted, Instant now) {
        this.file = file;
        this.bytes = bytes;
        this.encrypted = encrypted;
        this.tried = true;
        this.finishedAt = now;
    }

    void failed(String why, Instant now) {
        problem = Texts.shortened(why, LONGEST_PROBLEM);
        finishedAt = now;
    }

    UUID id() {
        return id;
    }

    /** Whether it is made by itself. */
    boolean isNightly() {
        return nightly;
    }

    Instant due() {
        return due;
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

    boolean isEncrypted() {
        return encrypted;
    }

    /** Whether all of it was read back into a database of its own, and was there. */
    boolean isTried() {
        return tried;
    }

    /** Why it was not made, or null. */
    @Nullable
    String problem() {
        return problem;
    }
}
