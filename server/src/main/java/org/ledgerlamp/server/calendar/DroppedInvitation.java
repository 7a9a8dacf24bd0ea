package org.ledgerlamp.server.calendar;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.ledgerlamp.server.common.TeamOwned;

/** An invitation that somebody dropped, as it came. */
@Entity
@Table(name = "dropped_invitation")
class DroppedInvitation extends TeamOwned {
    @Column(name = "member_id", updatable = false)
    private UUID memberId;

    @Column(updatable = false)
    private String name;

    @Column(name = "came_at", updatable = false)
    private Instant cameAt;

    @Column(columnDefinition = "longblob", updatable = false)
    private byte[] bytes;

    protected DroppedInvitation() {}

    DroppedInvitation(UUID teamId, UUID memberId, String name, Instant cameAt, byte[] bytes) {
        super(teamId);
        this.memberId = memberId;
        this.name = name;
        this.cameAt = cameAt;
        this.bytes = bytes;
    }
}
