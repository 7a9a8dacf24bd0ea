package org.ledgerlamp.server.shorthand;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ShorthandSheets extends JpaRepository<ShorthandSheet, UUID> {
    Optional<ShorthandSheet> findByTeamId(UUID teamId);
}
