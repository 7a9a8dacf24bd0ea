package org.ledgerlamp.server.links;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.ledgerlamp.server.minutes.LineState;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.query.Param;

interface LineLinks extends JpaRepository<LineLink, UUID> {
    Optional<LineLink> findByIdAndTeamId(UUID id, UUID teamId);

    List<LineLink> findByLaterMinutesOrderByStrengthDescId(UUID minutesId);

    List<LineLink> findByTeamIdAndEarlierLineInAndStateNotOrderById(
            UUID teamId, Collection<UUID> lines, LineState state);

    List<LineLink> findByEarlierLineInAndStateOrderById(Collection<UUID> lines, LineState state);

    void deleteByLaterMinutes(UUID minutesId);

    @Query(
            "select l from LineLink l, Minutes m where l.laterMinutes = m.id and l.teamId = :team and m.folio is not null"
                    + " and l.effect in (CHANGES, WITHDRAWS) and l.state <> STRUCK and l.laterLine is not null"
                    + " and m.meeting.date between :from and :to order by m.meeting.date, l.id")
    List<LineLink> changes(
            @Param("team") UUID teamId, @Param("from") LocalDate from, @Param("to") LocalDate to, Limit most);
}
