package org.ledgerlamp.server.acts;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.ledgerlamp.server.common.TeamOwned;

/** One thing done about a line of record. */
@Entity
public class Act extends TeamOwned {
    @Column(name = "line_id", updatable = false)
    private UUID lineId;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    @Column(updatable = false)
    private ActKind kind;

    @Column(updatable = false)
    private LocalDate due;

    @Column(name = "owner_id", updatable = false)
    private UUID ownerId;

    @Column(name = "meeting_id", updatable = false)
    private UUID meetingId;

    @Column(name = "done_on", updatable = false)
    private LocalDate doneOn;

    @Column(name = "done_at", updatable = false)
    private Instant doneAt;

    @Column(name = "member_id", updatable = false)
    private UUID memberId;

    @Column(name = "taken_back")
    private boolean takenBack;

    protected Act() {}

    Act(UUID teamId, UUID lineId, ActService.Deed deed, LocalDate doneOn, Instant doneAt, UUID memberId) {
        super(teamId);
        this.lineId = lineId;
        this.kind = deed.kind();
        this.due = deed.due();
        this.ownerId = deed.ownerId();
        this.meetingId = deed.meetingId();
        this.doneOn = doneOn;
        this.doneAt = doneAt;
        this.memberId = memberId;
    }

    void takeBack() {
        takenBack = true;
    }

    public UUID lineId() {
        return lineId;
    }

    public ActKind kind() {
        return kind;
    }

    /** The new day of what was dated anew. */
    public LocalDate due() {
        return due;
    }

    /** Who has it from then on, of what was handed over. */
    public UUID ownerId() {
        return ownerId;
    }

    /** The meeting in which it was done, or null. */
    public UUID meetingId() {
        return meetingId;
    }

    /** The day it counts for: of the meeting in which it was done, or the day of doing it. */
    public LocalDate doneOn() {
        return doneOn;
    }

    /** Who did it. */
    public UUID memberId() {
        return memberId;
    }

    public Instant doneAt() {
        return doneAt;
    }
}
