package org.ledgerlamp.server.recorder;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import java.net.URI;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.common.Versioned;

/** A device or program that records meetings of the team. */
@Entity
class Recorder extends Versioned {
    @Column(name = "member_id", updatable = false)
    private UUID memberId;

    private String name;

    @Column(updatable = false)
    private String box;

    private String control;

    /** Encrypted. */
    private byte[] secret;

    @Column(name = "heard_at")
    private Instant heardAt;

    protected Recorder() {}

    Recorder(UUID teamId, UUID memberId, String name, String box, @Nullable String control, byte[] secret) {
        super(teamId);
        this.memberId = memberId;
        this.name = name;
        this.box = box;
        this.control = control;
        this.secret = secret;
    }

    void heard(Instant now) {
        heardAt = now;
    }

    /** Who set it up, and is told of what it brings where the meeting has no lead of its own. */
    UUID memberId() {
        return memberId;
    }

    String name() {
        return name;
    }

    /** The last part of the address to which it delivers. */
    String box() {
        return box;
    }

    /** Where it takes commands, or null. */
    @Nullable
    URI control() {
        return control == null ? null : URI.create(control);
    }

    byte[] secret() {
        return secret;
    }

    /** When it last delivered anything, or null. */
    @Nullable
    Instant heardAt() {
        return heardAt;
    }
}
