package org.ledgerlamp.server.remarks;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;
import org.ledgerlamp.server.common.TeamOwned;

/** What a member remarked on a line. */
@Entity
public class Remark extends TeamOwned {
    @Column(name = "meeting_id", updatable = false)
    private UUID meetingId;

    @Column(name = "line_name", updatable = false)
    private UUID line;

    @Column(name = "member_id", updatable = false)
    private UUID memberId;

    @Column(name = "for_member", updatable = false)
    private UUID forMember;

    @Column(columnDefinition = "longtext", updatable = false)
    private String text;

    @Column(name = "made_at", updatable = false)
    private Instant madeAt;

    private boolean seen;

    protected Remark() {}

    Remark(UUID teamId, UUID meetingId, UUID memberId, RemarkService.Said said, Instant now) {
        super(teamId);
        this.meetingId = meetingId;
        this.memberId = memberId;
        this.line = said.line();
        this.forMember = said.forMember();
        this.text = said.text().strip();
        this.madeAt = now;
    }

    void see() {
        seen = true;
    }

    public UUID meetingId() {
        return meetingId;
    }

    /** The name of the line it is about. */
    public UUID line() {
        return line;
    }

    public UUID memberId() {
        return memberId;
    }

    /** Whose attention it calls, or null. */
    public UUID forMember() {
        return forMember;
    }

    public String text() {
        return text;
    }

    public Instant madeAt() {
        return madeAt;
    }

    /** Whether the one it is for has seen it. */
    public boolean isSeen() {
        return seen;
    }
}
