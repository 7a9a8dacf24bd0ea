package org.ledgerlamp.server.recorder;

import java.time.Instant;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Deliveries extends JpaRepository<Delivery, UUID> {
    boolean existsByRecorderIdAndCalledAndSentSecond(UUID recorderId, String called, long sentSecond);

    boolean existsByRecorderIdAndCalled(UUID recorderId, String called);

    void deleteByCameAtBefore(Instant longAgo);
}
