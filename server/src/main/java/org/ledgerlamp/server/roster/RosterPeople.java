package org.ledgerlamp.server.roster;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RosterPeople extends JpaRepository<RosterPerson, UUID> {
    List<RosterPerson> findByTeamIdOrderByName(UUID teamId);

    Optional<RosterPerson> findByIdAndTeamId(UUID id, UUID teamId);

    boolean existsByTeamIdAndName(UUID teamId, String name);
}
