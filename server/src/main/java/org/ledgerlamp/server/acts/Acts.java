package org.ledgerlamp.server.acts;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Acts extends JpaRepository<Act, UUID> {
    List<Act> findByTeamIdAndLineIdInAndTakenBackFalseOrderByDoneAt(UUID teamId, Collection<UUID> lines);

    Optional<Act> findByIdAndTeamId(UUID id, UUID teamId);
}
