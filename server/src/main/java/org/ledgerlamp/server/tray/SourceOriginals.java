package org.ledgerlamp.server.tray;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface SourceOriginals extends JpaRepository<SourceOriginal, UUID> {
    /** The bytes alone: of an entity there would be copies, and they are large. */
    @Query("select o.bytes from SourceOriginal o where o.sourceId = :sourceId")
    Optional<byte[]> bytes(UUID sourceId);
}
