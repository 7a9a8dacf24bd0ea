package org.ledgerlamp.server.calendar;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface EntryMinutesRows extends JpaRepository<EntryMinutes, UUID> {
    Optional<EntryMinutes> findByEntryId(UUID entryId);

    /** What is still to be written to a calendar. */
    @Query("select m.id from EntryMinutes m, CalendarEntry e where m.entryId = e.id"
            + " and e.connectionId = :connectionId and m.writtenAt is null order by m.id")
    List<UUID> due(UUID connectionId);
}
