package org.ledgerlamp.server.imports;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.TeamOwned;

/** A pile that is brought in. */
@Entity
class ImportRun extends TeamOwned {
    @Column(name = "member_id", updatable = false)
    private UUID memberId;

    @Column(updatable = false)
    private String name;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private ImportState state;

    @Column(name = "started_at", updatable = false)
    private Instant startedAt;

    protected ImportRun() {}

    ImportRun(SignedIn who, String name, Instant now) {
        super(who.teamId());
        this.memberId = who.memberId();
        this.name = name;
        this.state = ImportState.RECEIVING;
        this.startedAt = now;
    }

    void enter(ImportState next) {
        state = next;
    }

    UUID memberId() {
        return memberId;
    }

    String name() {
        return name;
    }

    ImportState state() {
        return state;
    }

    Instant startedAt() {
        return startedAt;
    }
}
