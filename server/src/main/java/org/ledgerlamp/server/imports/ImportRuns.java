package org.ledgerlamp.server.imports;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ImportRuns extends JpaRepository<ImportRun, UUID> {
    List<ImportRun> findByTeamIdOrderByStartedAtDesc(UUID teamId);

    Optional<ImportRun> findByIdAndTeamId(UUID id, UUID teamId);

    List<ImportRun> findByStateOrderByStartedAt(ImportState state);
}
