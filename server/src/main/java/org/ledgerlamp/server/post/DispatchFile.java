package org.ledgerlamp.server.post;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** What goes along with all letters of a dispatch. */
@Entity
@Table(name = "dispatch_file")
class DispatchFile {
    @Id
    private UUID dispatch;

    @Column(updatable = false)
    private String name;

    @Column(columnDefinition = "longblob", updatable = false)
    private byte[] bytes;

    protected DispatchFile() {}

    DispatchFile(UUID dispatch, Enclosure file) {
        this.dispatch = dispatch;
        this.name = file.name();
        this.bytes = file.bytes();
    }

    Enclosure enclosure() {
        return new Enclosure(name, bytes);
    }
}
