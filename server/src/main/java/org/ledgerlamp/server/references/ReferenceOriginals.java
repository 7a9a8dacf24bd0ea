package org.ledgerlamp.server.references;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ReferenceOriginals extends JpaRepository<ReferenceOriginal, UUID> {}
