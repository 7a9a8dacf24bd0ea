package org.ledgerlamp.server.attachments;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** The bytes of an attachment exactly as they came; written once. */
@Entity
@Table(name = "attachment_original")
class AttachmentOriginal {
    @Id
    @Column(name = "attachment_id")
    private UUID attachmentId;

    @Column(updatable = false, columnDefinition = "longblob")
    private byte[] bytes;

    protected AttachmentOriginal() {}

    AttachmentOriginal(UUID attachmentId, byte[] bytes) {
        this.attachmentId = attachmentId;
        this.bytes = bytes.clone();
    }

    byte[] bytes() {
        return bytes.clone();
    }
}
