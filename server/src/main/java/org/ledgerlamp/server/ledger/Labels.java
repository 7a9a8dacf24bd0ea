package org.ledgerlamp.server.ledger;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Labels extends JpaRepository<Label, UUID> {
    Optional<Label> findByIdAndTeamId(UUID id, UUID teamId);

    List<Label> findByTeamIdOrderBySortAscNameAsc(UUID teamId);

    List<Label> findByTeamIdAndIdIn(UUID teamId, Collection<UUID> ids);

    Optional<Label> findByTeamIdAndSortAndName(UUID teamId, LabelSort sort, String name);

    boolean existsByParentId(UUID parentId);
}
