package org.ledgerlamp.server.projections;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface LedgerRebuilds extends JpaRepository<LedgerRebuild, UUID> {
    /** The teams whose ledger is still to be gone through. */
    @Query("select r.teamId from LedgerRebuild r where r.endedAt is null")
    List<UUID> unfinished();
}
