package org.ledgerlamp.server.outgoing;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface AllowedNetworks extends JpaRepository<AllowedNetwork, UUID> {
    List<AllowedNetwork> findByTeamIdOrderByNetwork(UUID teamId);

    Optional<AllowedNetwork> findByIdAndTeamId(UUID id, UUID teamId);
}
