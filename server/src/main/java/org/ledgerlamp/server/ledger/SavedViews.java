package org.ledgerlamp.server.ledger;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SavedViews extends JpaRepository<SavedView, UUID> {
    List<SavedView> findByTeamIdAndMemberIdOrderByName(UUID teamId, UUID memberId);

    Optional<SavedView> findByTeamIdAndMemberIdAndName(UUID teamId, UUID memberId, String name);

    Optional<SavedView> findByIdAndTeamIdAndMemberId(UUID id, UUID teamId, UUID memberId);
}
