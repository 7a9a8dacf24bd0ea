package org.ledgerlamp.server.minutes;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface Attendances extends JpaRepository<Attendance, UUID> {
    List<Attendance> findByMinutesIdOrderByPosition(UUID minutesId);

    List<Attendance> findByMinutesIdInOrderByPosition(Collection<UUID> minutesIds);

    Optional<Attendance> findByIdAndTeamId(UUID id, UUID teamId);

    @Query("select distinct a.name from Attendance a, Minutes m where a.minutesId = m.id and m.teamId = :teamId"
            + " and m.folio is not null and m.meeting.series = :series and a.present order by a.name")
    List<String> ofSeries(UUID teamId, String series);
}
