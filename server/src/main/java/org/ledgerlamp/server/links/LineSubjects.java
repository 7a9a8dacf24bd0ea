package org.ledgerlamp.server.links;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.ledgerlamp.core.reading.Kind;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface LineSubjects extends JpaRepository<LineSubject, UUID> {
    /** What meetings before a day recorded and was spoken of since another, the latest first. */
    List<LineSubject> findByTeamIdAndKindAndEndedFalseAndSpokenOfGreaterThanEqualAndHeldOnLessThanOrderBySpokenOfDesc(
            UUID teamId, Kind kind, LocalDate since, LocalDate before, Limit most);

    List<LineSubject> findByMinutesId(UUID minutesId);

    void deleteByMinutesId(UUID minutesId);

    /** Deletes those of lines that are not of record. */
    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query("delete from LineSubject s where s.teamId = :teamId and s.lineId not in"
            + " (select l.id from MinutesLine l where l.teamId = :teamId and l.folio is not null)")
    void deleteLost(UUID teamId);
}
