package org.ledgerlamp.server.guests;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Grants extends JpaRepository<Grant, UUID> {
    List<Grant> findByTeamIdAndRevokedAtIsNullOrderByGrantedAt(UUID teamId);

    List<Grant> findByTeamIdAndGuestIdAndRevokedAtIsNullOrderByGrantedAt(UUID teamId, UUID guestId);

    Optional<Grant> findByIdAndTeamIdAndRevokedAtIsNull(UUID id, UUID teamId);
}
