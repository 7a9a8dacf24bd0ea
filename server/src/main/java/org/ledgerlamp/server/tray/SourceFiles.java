package org.ledgerlamp.server.tray;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface SourceFiles extends JpaRepository<SourceFile, UUID> {
    Optional<SourceFile> findByIdAndTeamId(UUID id, UUID teamId);

    @Query(
            """
            select f from SourceFile f where f.teamId = :teamId and f.discardedAt is null
            and (f.meetingId is null or f.meetingId in (select m.id from Meeting m where m.hasMinutes = false))
            order by f.receivedAt desc
            """)
    List<SourceFile> waiting(UUID teamId);

    List<SourceFile> findByTeamIdAndMeetingIdInOrderByReceivedAt(UUID teamId, Collection<UUID> meetings);

    Optional<SourceFile> findFirstByTeamIdAndSha256AndDiscardedAtIsNullAndIdNot(UUID teamId, String sha256, UUID id);

    Optional<SourceFile> findFirstByTeamIdAndSha256AndDiscardedAtIsNullAndMeetingIdIsNull(UUID teamId, String sha256);

    List<SourceFile> findByTeamIdAndSha256AndDiscardedAtIsNull(UUID teamId, String sha256);

    @Query("select f.id from SourceFile f where f.state = :state")
    List<UUID> idsOf(SourceFile.State state);
}
