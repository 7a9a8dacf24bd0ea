package org.ledgerlamp.server.minutes;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface Lines extends JpaRepository<MinutesLine, UUID> {
    List<MinutesLine> findByMinutesIdOrderByPosition(UUID minutesId);

    Optional<MinutesLine> findByIdAndTeamId(UUID id, UUID teamId);

    /** How many lines of a draft are in a state. */
    interface Count {
        UUID getMinutesId();

        LineState getState();

        long getLines();
    }

    @Query(
            "select l.minutesId as minutesId, l.state as state, count(l) as lines from MinutesLine l where l.minutesId in :minutes group by l.minutesId, l.state")
    List<Count> count(Collection<UUID> minutes);
}
