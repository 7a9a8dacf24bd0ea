package org.ledgerlamp.server.page;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface Pens extends JpaRepository<Pen, UUID> {
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<Pen> findByMeetingIdAndTeamId(UUID meetingId, UUID teamId);

    /** The same without waiting for those who are about to change it. */
    Optional<Pen> readByMeetingIdAndTeamId(UUID meetingId, UUID teamId);

    /** Lays a pen on a page that has none yet; two who come at once lay one. */
    @Modifying
    @Query(
            value =
                    "insert ignore into pen (id, team_id, version, meeting_id, seen_at) values (:id, :teamId, 0, :meetingId, :now)",
            nativeQuery = true)
    void lay(UUID id, UUID teamId, UUID meetingId, Instant now);
}
