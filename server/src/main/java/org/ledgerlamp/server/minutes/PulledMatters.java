package org.ledgerlamp.server.minutes;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PulledMatters extends JpaRepository<PulledMatter, PulledMatter.Key> {
    List<PulledMatter> findByKeyMeetingId(UUID meetingId);
}
