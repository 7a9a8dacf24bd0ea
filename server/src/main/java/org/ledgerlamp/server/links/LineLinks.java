package org.ledgerlamp.server.links;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.ledgerlamp.server.minutes.LineState;
import org.springframework.data.jpa.repository.JpaRepository;

interface LineLinks extends JpaRepository<LineLink, UUID> {
    Optional<LineLink> findByIdAndTeamId(UUID id, UUID teamId);

    List<LineLink> findByLaterMinutesOrderByStrengthDescId(UUID minutesId);

    List<LineLink> findByTeamIdAndEarlierLineInAndStateNotOrderById(
            UUID teamId, Collection<UUID> lines, LineState state);

    List<LineLink> findByEarlierLineAndStateOrderById(UUID line, LineState state);

    void deleteByLaterMinutes(UUID minutesId);
}
