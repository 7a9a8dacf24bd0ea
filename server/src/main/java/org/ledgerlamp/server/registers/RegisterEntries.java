package org.ledgerlamp.server.registers;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface RegisterEntries extends JpaRepository<RegisterEntry, UUID> {
    void deleteByMinutesId(UUID minutesId);

    /** Deletes entries of lines that are not of record. */
    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query("delete from RegisterEntry e where e.teamId = :teamId and e.id not in"
            + " (select l.id from MinutesLine l where l.teamId = :teamId and l.folio is not null)")
    void deleteLost(UUID teamId);
}
