package org.ledgerlamp.server.references;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ReferenceNotes extends JpaRepository<ReferenceNote, UUID> {
    Optional<ReferenceNote> findByTeamIdAndFolio(UUID teamId, int folio);

    Optional<ReferenceNote> findFirstByTeamIdAndSha256(UUID teamId, String sha256);

    List<ReferenceNote> findByTeamIdAndIdIn(UUID teamId, Collection<UUID> ids);

    List<ReferenceNote> findByTeamIdAndFolioIn(UUID teamId, Collection<Integer> folios);
}
