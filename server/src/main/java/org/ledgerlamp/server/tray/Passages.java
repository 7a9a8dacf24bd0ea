package org.ledgerlamp.server.tray;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Passages extends JpaRepository<Passage, UUID> {
    List<Passage> findBySourceIdAndTeamIdOrderByN(UUID sourceId, UUID teamId);

    Optional<Passage> findBySourceIdAndTeamIdAndN(UUID sourceId, UUID teamId, int n);

    List<Passage> findBySourceIdOrderByN(UUID sourceId);
}
