package org.ledgerlamp.server.page;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PageLines extends JpaRepository<PageLine, UUID> {
    List<PageLine> findByMeetingIdAndTeamIdOrderByBesideAscPositionAscNameAsc(UUID meetingId, UUID teamId);

    List<PageLine> findByMeetingIdAndTeamIdAndNameIn(UUID meetingId, UUID teamId, Collection<UUID> names);

    boolean existsByMeetingIdAndTeamIdAndRemovedFalse(UUID meetingId, UUID teamId);
}
