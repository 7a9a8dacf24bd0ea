package org.ledgerlamp.server.tray;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SourceOriginals extends JpaRepository<SourceOriginal, UUID> {}
