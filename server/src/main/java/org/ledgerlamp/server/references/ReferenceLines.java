package org.ledgerlamp.server.references;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ReferenceLines extends JpaRepository<ReferenceLine, UUID> {
    List<ReferenceLine> findByNoteIdOrderByNumber(UUID noteId);

    Optional<ReferenceLine> findByNoteIdAndNumber(UUID noteId, int number);

    List<ReferenceLine> findByTeamIdAndIdIn(UUID teamId, Collection<UUID> ids);
}
