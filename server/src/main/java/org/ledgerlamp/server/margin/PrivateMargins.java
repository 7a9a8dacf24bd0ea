package org.ledgerlamp.server.margin;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** There is no way to ask for a margin without naming whose it is. */
interface PrivateMargins extends JpaRepository<PrivateMargin, UUID> {
    Optional<PrivateMargin> findByMeetingIdAndMemberIdAndTeamId(UUID meetingId, UUID memberId, UUID teamId);
}
