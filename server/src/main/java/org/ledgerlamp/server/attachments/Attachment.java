package org.ledgerlamp.server.attachments;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.source.FileClaim;
import org.ledgerlamp.server.common.TeamOwned;

/** A file attached to a meeting. Its bytes stand in {@link AttachmentOriginal}. */
@Entity
class Attachment extends TeamOwned {
    @Column(name = "meeting_id", updatable = false)
    private UUID meetingId;

    @Column(name = "member_id", updatable = false)
    private UUID memberId;

    @Column(updatable = false)
    private String name;

    @Column(updatable = false)
    private int size;

    private String type;
    private String problem;

    @Column(name = "attached_at", updatable = false)
    private Instant attachedAt;

    @Column(name = "removed_at")
    private Instant removedAt;

    protected Attachment() {}

    Attachment(UUID teamId, UUID meetingId, UUID memberId, String name, int size, Instant attachedAt) {
        super(teamId);
        this.meetingId = meetingId;
        this.memberId = memberId;
        this.name = name;
        this.size = size;
        this.attachedAt = attachedAt;
    }

    /** Says what it turned out to be. */
    void lookedAt(FileClaim claim) {
        type = claim.type();
        problem = claim.problem();
    }

    void remove(Instant now) {
        removedAt = now;
    }

    void restore() {
        removedAt = null;
    }

    UUID meetingId() {
        return meetingId;
    }

    /** Who attached it. */
    UUID memberId() {
        return memberId;
    }

    String name() {
        return name;
    }

    int size() {
        return size;
    }

    /** What it is, in words; null while it was not looked at. */
    @Nullable
    String type() {
        return type;
    }

    /** Why it is not handed on, or null. */
    @Nullable
    String problem() {
        return problem;
    }

    /** Whether it may be handed on: it was looked at, and is what its name says. */
    boolean isSound() {
        return type != null && problem == null;
    }

    Instant attachedAt() {
        return attachedAt;
    }
}
