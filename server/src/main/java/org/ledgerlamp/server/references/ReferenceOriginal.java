package org.ledgerlamp.server.references;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.UUID;

/** The file of a reference note, as it came. */
@Entity
class ReferenceOriginal {
    @Id
    @Column(name = "note_id")
    private UUID noteId;

    @Column(columnDefinition = "longblob", updatable = false)
    private byte[] bytes;

    protected ReferenceOriginal() {}

    ReferenceOriginal(UUID noteId, byte[] bytes) {
        this.noteId = noteId;
        this.bytes = bytes;
    }

    byte[] bytes() {
        return bytes;
    }
}
