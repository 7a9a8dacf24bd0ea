package org.ledgerlamp.server.calendar;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CalendarConnections extends JpaRepository<CalendarConnection, UUID> {
    List<CalendarConnection> findByTeamIdAndMemberIdAndKindNotOrderByName(
            UUID teamId, UUID memberId, ConnectionKind kind);

    List<CalendarConnection> findByKindNot(ConnectionKind kind);

    Optional<CalendarConnection> findFirstByTeamIdAndMemberIdAndKind(UUID teamId, UUID memberId, ConnectionKind kind);

    Optional<CalendarConnection> findByIdAndTeamIdAndMemberId(UUID id, UUID teamId, UUID memberId);
}
