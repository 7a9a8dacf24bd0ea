package org.ledgerlamp.server.remarks;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Remarks extends JpaRepository<Remark, UUID> {
    List<Remark> findByMeetingIdAndTeamIdOrderByMadeAt(UUID meetingId, UUID teamId);

    List<Remark> findByTeamIdAndIdIn(UUID teamId, Collection<UUID> ids);

    List<Remark> findByTeamIdAndForMemberAndSeenFalseOrderByMadeAt(UUID teamId, UUID member);

    Optional<Remark> findByIdAndTeamIdAndForMember(UUID id, UUID teamId, UUID member);
}
