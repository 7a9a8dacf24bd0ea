package org.ledgerlamp.server.tray;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SourceFiles extends JpaRepository<SourceFile, UUID> {
    Optional<SourceFile> findByIdAndTeamId(UUID id, UUID teamId);

    List<SourceFile> findByTeamIdAndMeetingIdIsNullAndDiscardedAtIsNullOrderByReceivedAtDesc(UUID teamId);

    List<SourceFile> findByTeamIdAndMeetingIdInOrderByReceivedAt(UUID teamId, Collection<UUID> meetings);

    Optional<SourceFile> findFirstByTeamIdAndSha256AndDiscardedAtIsNullAndIdNot(UUID teamId, String sha256, UUID id);
}
