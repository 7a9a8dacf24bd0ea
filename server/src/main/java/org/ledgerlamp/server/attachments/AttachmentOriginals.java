package org.ledgerlamp.server.attachments;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface AttachmentOriginals extends JpaRepository<AttachmentOriginal, UUID> {}
