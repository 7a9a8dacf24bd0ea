package org.ledgerlamp.server.access;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Members extends JpaRepository<Member, UUID> {
    Optional<Member> findByEmail(String email);

    List<Member> findByTeamId(UUID teamId);

    /** Those who belong to the team now: neither guests nor whoever was removed. */
    List<Member> findByTeamIdAndGuestFalseAndRemovedAtIsNull(UUID teamId);
}
