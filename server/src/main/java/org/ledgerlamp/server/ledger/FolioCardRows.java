package org.ledgerlamp.server.ledger;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface FolioCardRows extends JpaRepository<FolioCard, UUID> {
    Optional<FolioCard> findByTeamIdAndFolio(UUID teamId, int folio);

    List<FolioCard> findByTeamIdAndFolioIn(UUID teamId, Collection<Integer> folios);

    List<FolioCard> findByTeamIdAndIdIn(UUID teamId, Collection<UUID> ids);

    List<FolioCard> findByTeamIdAndSeriesAndHeldOnLessThanEqualOrderByHeldOnDesc(
            UUID teamId, String series, LocalDate day);
}
