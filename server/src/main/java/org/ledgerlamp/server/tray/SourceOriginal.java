package org.ledgerlamp.server.tray;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** The bytes of a source exactly as they came; written once. */
@Entity
@Table(name = "source_original")
class SourceOriginal {
    @Id
    @Column(name = "source_id")
    private UUID sourceId;

    @Column(updatable = false, columnDefinition = "longblob")
    private byte[] bytes;

    protected SourceOriginal() {}

    SourceOriginal(UUID sourceId, byte[] bytes) {
        this.sourceId = sourceId;
        this.bytes = bytes.clone();
    }

    byte[] bytes() {
        return bytes.clone();
    }
}
