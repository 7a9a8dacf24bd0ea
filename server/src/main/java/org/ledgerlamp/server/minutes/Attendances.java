package org.ledgerlamp.server.minutes;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Attendances extends JpaRepository<Attendance, UUID> {
    List<Attendance> findByMinutesIdOrderByPosition(UUID minutesId);

    Optional<Attendance> findByIdAndTeamId(UUID id, UUID teamId);
}
