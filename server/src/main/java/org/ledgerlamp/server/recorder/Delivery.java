package org.ledgerlamp.server.recorder;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.UuidGenerator;

/** A delivery that was taken, remembered for as long as it could be replayed. */
@Entity
class Delivery {
    @Id
    @UuidGenerator(style = UuidGenerator.Style.VERSION_7)
    private UUID id;

    @Column(name = "recorder_id", updatable = false)
    private UUID recorderId;

    @Column(updatable = false)
    private String called;

    @Column(name = "sent_second", updatable = false)
    private long sentSecond;

    @Column(name = "came_at", updatable = false)
    private Instant cameAt;

    protected Delivery() {}

    /** @param sentSecond when it was sent, in seconds since 1970 as its header says */
    Delivery(UUID recorderId, String called, long sentSecond, Instant cameAt) {
        this.recorderId = recorderId;
        this.called = called;
        this.sentSecond = sentSecond;
        this.cameAt = cameAt;
    }
}
