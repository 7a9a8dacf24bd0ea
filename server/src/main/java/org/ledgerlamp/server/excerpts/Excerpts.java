package org.ledgerlamp.server.excerpts;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Excerpts extends JpaRepository<Excerpt, UUID> {
    Optional<Excerpt> findByIdAndTeamId(UUID id, UUID teamId);

    Optional<Excerpt> findByDigest(String digest);

    List<Excerpt> findByMinutesIdOrderByMadeAtDesc(UUID minutesId);
}
