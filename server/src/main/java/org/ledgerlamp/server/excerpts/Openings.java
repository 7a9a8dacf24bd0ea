package org.ledgerlamp.server.excerpts;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Openings extends JpaRepository<Opening, UUID> {
    List<Opening> findByExcerptIdInOrderByOpenedAtDesc(Collection<UUID> excerpts);

    long countByExcerptIdAndGrantedFalseAndOpenedAtAfter(UUID excerptId, Instant since);
}
