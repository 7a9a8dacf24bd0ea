package org.ledgerlamp.server.post;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface OutgoingLetters extends JpaRepository<OutgoingLetter, UUID> {
    Optional<OutgoingLetter> findByIdAndTeamId(UUID id, UUID teamId);

    List<OutgoingLetter> findByTeamIdAndState(UUID teamId, OutgoingLetter.State state);

    @Query("select l.id from OutgoingLetter l where l.state = org.ledgerlamp.server.post.OutgoingLetter.State.WAITING"
            + " and l.teamId = :teamId and l.nextTryAt <= :now order by l.nextTryAt, l.id")
    List<UUID> due(UUID teamId, Instant now, Limit most);

    @Query("select distinct l.teamId from OutgoingLetter l"
            + " where l.state = org.ledgerlamp.server.post.OutgoingLetter.State.WAITING and l.nextTryAt <= :now")
    List<UUID> teamsWithDue(Instant now);

    @Query("select l.dispatch from OutgoingLetter l where l.teamId = :teamId and l.writtenAt < :before"
            + " and (:meetingId is null or l.meetingId = :meetingId)"
            + " group by l.dispatch order by max(l.writtenAt) desc, l.dispatch")
    List<UUID> dispatches(UUID teamId, Instant before, UUID meetingId, Limit most);

    List<OutgoingLetter> findByDispatchInOrderByWrittenAtDescNameAsc(Collection<UUID> dispatches);
}
