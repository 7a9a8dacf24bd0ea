package org.ledgerlamp.server.minutes;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.util.UUID;

/** A line of another series that is to be talked about in a meeting. */
@Entity
@Table(name = "pulled_matter")
class PulledMatter {
    /** Which line, into which meeting. */
    @Embeddable
    record Key(UUID meetingId, UUID lineId) implements Serializable {}

    @EmbeddedId
    private Key key;

    protected PulledMatter() {}

    PulledMatter(Key key) {
        this.key = key;
    }

    UUID lineId() {
        return key.lineId();
    }
}
