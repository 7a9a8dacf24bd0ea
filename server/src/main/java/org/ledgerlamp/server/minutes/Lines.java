package org.ledgerlamp.server.minutes;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface Lines extends JpaRepository<MinutesLine, UUID> {
    List<MinutesLine> findByMinutesIdOrderByPosition(UUID minutesId);

    List<MinutesLine> findByMinutesIdInAndFolioIsNotNullOrderByPosition(Collection<UUID> minutesIds);

    Optional<MinutesLine> findByIdAndTeamId(UUID id, UUID teamId);

    List<MinutesLine> findByTeamIdAndIdInAndFolioIsNotNullOrderByFolioAscNumberAsc(UUID teamId, Collection<UUID> ids);

    /** The line of record of this number. */
    @Query("select l from MinutesLine l where l.minutesId = :minutes and l.number = :number and l.folio is not null")
    Optional<MinutesLine> ofRecord(UUID minutes, int number);

    List<MinutesLine> findByTeamIdAndIdIn(UUID teamId, Collection<UUID> ids);

    /**
     * What folios of a series before a day may have left open, in order; without what was closed before, unless something was
     * done about it in the meeting.
     */
    @Query(
            "select l from MinutesLine l, Minutes m where l.minutesId = m.id and m.teamId = :teamId and m.folio is not null"
                    + " and m.meeting.series = :series and m.meeting.date < :day and l.folio is not null"
                    + " and l.kind in (ACTION, QUESTION, DECISION)"
                    + " and not exists (select a from Act a where a.lineId = l.id and a.takenBack = false and a.doneOn < :day"
                    + " and a.kind in (DONE, DROPPED) and a.doneAt = (select max(b.doneAt) from Act b where b.lineId = l.id"
                    + " and b.takenBack = false and (b.doneOn < :day or b.meetingId = :meeting)))"
                    + " order by l.folio, l.number")
    List<MinutesLine> ofSeriesBefore(UUID teamId, String series, LocalDate day, UUID meeting);

    /** The team's actions of record, latest folio first. */
    @Query("select l from MinutesLine l where l.teamId = :teamId and l.folio is not null and l.kind = ACTION"
            + " order by l.folio desc, l.number")
    List<MinutesLine> actionsOfRecord(UUID teamId, Limit most);
}
