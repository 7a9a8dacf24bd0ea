package org.ledgerlamp.server.attachments;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface Attachments extends JpaRepository<Attachment, UUID> {
    List<Attachment> findByTeamIdAndMeetingIdAndRemovedAtIsNullOrderByAttachedAt(UUID teamId, UUID meetingId);

    Optional<Attachment> findByIdAndTeamId(UUID id, UUID teamId);

    @Query("select coalesce(sum(a.size), 0) from Attachment a where a.meetingId = :meetingId")
    long bytesOf(UUID meetingId);
}
