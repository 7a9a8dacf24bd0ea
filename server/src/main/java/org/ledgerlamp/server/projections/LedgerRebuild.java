package org.ledgerlamp.server.projections;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** How far a team's ledger is kept anew, or was the last time. */
@Entity
class LedgerRebuild {
    @Id
    @Column(name = "team_id")
    private UUID teamId;

    /** The last folio that was gone through. */
    private int reached;

    private int done;
    private int folios;

    @Column(name = "begun_at")
    private Instant begunAt;

    @Column(name = "ended_at")
    private Instant endedAt;

    protected LedgerRebuild() {}

    LedgerRebuild(UUID teamId, int folios, Instant now) {
        this.teamId = teamId;
        this.folios = folios;
        this.begunAt = now;
    }

    void wentThrough(int folio) {
        reached = folio;
        done++;
    }

    void end(Instant now) {
        endedAt = now;
    }

    UUID teamId() {
        return teamId;
    }

    int reached() {
        return reached;
    }

    int done() {
        return done;
    }

    /** How many folios there were when it began. */
    int folios() {
        return folios;
    }

    Instant begunAt() {
        return begunAt;
    }

    /** Null while it goes on. */
    @Nullable
    Instant endedAt() {
        return endedAt;
    }
}
