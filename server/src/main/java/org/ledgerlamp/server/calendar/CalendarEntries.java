package org.ledgerlamp.server.calendar;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CalendarEntries extends JpaRepository<CalendarEntry, UUID> {
    List<CalendarEntry> findByConnectionId(UUID connectionId);

    List<CalendarEntry> findByConnectionIdAndMadeHereTrue(UUID connectionId);

    List<CalendarEntry> findByMeetingId(UUID meetingId);
}
