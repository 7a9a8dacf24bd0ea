package org.ledgerlamp.server.recorder;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Recorders extends JpaRepository<Recorder, UUID> {
    List<Recorder> findByTeamIdOrderByName(UUID teamId);

    Optional<Recorder> findByIdAndTeamId(UUID id, UUID teamId);

    Optional<Recorder> findByBox(String box);
}
