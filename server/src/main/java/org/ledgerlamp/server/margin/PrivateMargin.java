package org.ledgerlamp.server.margin;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import org.ledgerlamp.server.common.Versioned;

/** What one member noted beside a meeting for themselves. It is in no index and in no export. */
@Entity
@Table(name = "private_margin")
class PrivateMargin extends Versioned {
    @Column(name = "meeting_id", updatable = false)
    private UUID meetingId;

    @Column(name = "member_id", updatable = false)
    private UUID memberId;

    @Column(columnDefinition = "longtext")
    private String text = "";

    protected PrivateMargin() {}

    PrivateMargin(UUID teamId, UUID meetingId, UUID memberId) {
        super(teamId);
        this.meetingId = meetingId;
        this.memberId = memberId;
    }

    UUID meetingId() {
        return meetingId;
    }

    String text() {
        return text;
    }

    void write(String words) {
        text = words;
    }
}
