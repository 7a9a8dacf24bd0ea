package org.ledgerlamp.server.recorder;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Recordings extends JpaRepository<Recording, UUID> {
    Optional<Recording> findByRecorderIdAndCalled(UUID recorderId, String called);

    List<Recording> findByTeamIdAndMeetingIdOrderByStartedAtDesc(UUID teamId, UUID meetingId);

    Optional<Recording> findByIdAndTeamId(UUID id, UUID teamId);
}
