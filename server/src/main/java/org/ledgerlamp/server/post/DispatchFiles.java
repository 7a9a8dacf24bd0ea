package org.ledgerlamp.server.post;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface DispatchFiles extends JpaRepository<DispatchFile, UUID> {}
