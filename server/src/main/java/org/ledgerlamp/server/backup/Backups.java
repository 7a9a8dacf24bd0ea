package org.ledgerlamp.server.backup;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface Backups extends JpaRepository<Backup, UUID> {
    List<Backup> findByOrderByDueDesc(Limit most);

    List<Backup> findByNightlyTrueAndFinishedAtIsNull();

    List<Backup> findByFinishedAtBeforeOrderByFinishedAtDesc(Instant before);

    /** The latest that can be relied on. */
    List<Backup> findByTriedTrueOrderByFinishedAtDesc(Limit most);
}
