package org.ledgerlamp.server.papers;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface HouseSheets extends JpaRepository<HouseSheet, UUID> {
    Optional<HouseSheet> findByTeamId(UUID teamId);
}
