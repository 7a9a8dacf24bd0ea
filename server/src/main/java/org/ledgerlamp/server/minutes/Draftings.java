package org.ledgerlamp.server.minutes;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface Draftings extends JpaRepository<Drafting, UUID> {
    Optional<Drafting> findByIdAndTeamId(UUID id, UUID teamId);

    @Query("select d.id from Drafting d where d.state in :states")
    List<UUID> idsIn(Set<Drafting.State> states);

    long countByTeamIdAndState(UUID teamId, Drafting.State state);
}
