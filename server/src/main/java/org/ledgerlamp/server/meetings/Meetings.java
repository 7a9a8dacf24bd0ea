package org.ledgerlamp.server.meetings;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface Meetings extends JpaRepository<Meeting, UUID> {
    Optional<Meeting> findByIdAndTeamId(UUID id, UUID teamId);

    @Query(
            "select distinct m from Meeting m left join fetch m.invited where m.teamId = :teamId and m.date between :from and :to order by m.date desc, m.start desc")
    List<Meeting> between(UUID teamId, LocalDate from, LocalDate to);

    @Query(
            "select distinct m.series from Meeting m where m.teamId = :teamId and m.series is not null order by m.series")
    List<String> series(UUID teamId);

    @Query(
            "select m from Meeting m where m.teamId = :teamId and m.series is not null and m.date <= :before"
                    + " and m.date = (select max(o.date) from Meeting o where o.teamId = m.teamId and o.series = m.series and o.date <= :before)")
    List<Meeting> latestOfEachSeries(UUID teamId, LocalDate before);

    Optional<Meeting> findFirstByTeamIdAndSeriesAndDateBeforeOrderByDateDesc(
            UUID teamId, String series, LocalDate date);
}
