package org.ledgerlamp.server.registers;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RegisterEntries extends JpaRepository<RegisterEntry, UUID> {
    void deleteByMinutesId(UUID minutesId);
}
