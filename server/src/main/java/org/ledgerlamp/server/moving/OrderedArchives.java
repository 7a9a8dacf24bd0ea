package org.ledgerlamp.server.moving;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface OrderedArchives extends JpaRepository<OrderedArchive, UUID> {
    List<OrderedArchive> findByTeamIdOrderByOrderedAtDesc(UUID teamId);

    Optional<OrderedArchive> findByIdAndTeamId(UUID id, UUID teamId);

    boolean existsByTeamIdAndFinishedAtIsNull(UUID teamId);
}
