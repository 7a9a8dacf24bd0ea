package org.ledgerlamp.server.asking;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface KeptQuestions extends JpaRepository<KeptQuestion, UUID> {
    Optional<KeptQuestion> findByIdAndTeamId(UUID id, UUID teamId);

    List<KeptQuestion> findByTeamIdOrderByKeptAtDesc(UUID teamId);

    long countByTeamId(UUID teamId);
}
