package org.ledgerlamp.server.templates;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface TeamTemplates extends JpaRepository<TeamTemplate, UUID> {
    List<TeamTemplate> findByTeamIdOrderByName(UUID teamId);

    Optional<TeamTemplate> findByIdAndTeamId(UUID id, UUID teamId);

    Optional<TeamTemplate> findByTeamIdAndName(UUID teamId, String name);
}
