package org.ledgerlamp.server.minutes;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Amendments extends JpaRepository<Amendment, UUID> {
    List<Amendment> findByMinutesIdAndRevisionOrderByMadeAtDesc(UUID minutesId, int revision);

    Optional<Amendment> findFirstByMinutesIdOrderByRevisionDescMadeAtDesc(UUID minutesId);

    List<Amendment> findByMinutesIdOrderByRevisionAscMadeAtAsc(UUID minutesId);
}
