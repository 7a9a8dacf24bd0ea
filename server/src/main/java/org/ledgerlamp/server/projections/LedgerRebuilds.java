package org.ledgerlamp.server.projections;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface LedgerRebuilds extends JpaRepository<LedgerRebuild, UUID> {}
