package org.ledgerlamp.server.audit;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.ledgerlamp.server.common.AuditKind;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface AuditEntries extends JpaRepository<AuditEntry, UUID> {
    List<AuditEntry> findByTeamIdAndAtBeforeAndKindInOrderByAtDescIdDesc(
            UUID teamId, Instant before, Collection<AuditKind> kinds, Limit most);
}
