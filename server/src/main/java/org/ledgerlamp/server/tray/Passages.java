package org.ledgerlamp.server.tray;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Passages extends JpaRepository<Passage, UUID> {
    List<Passage> findBySourceIdAndTeamIdOrderByN(UUID sourceId, UUID teamId);

    List<Passage> findBySourceIdOrderByN(UUID sourceId);
}
