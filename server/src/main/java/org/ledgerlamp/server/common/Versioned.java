package org.ledgerlamp.server.common;

import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.Version;
import java.util.UUID;

/** A row that several people may change: a write names the version it was made on. */
@MappedSuperclass
public abstract class Versioned extends TeamOwned {
    @Version
    private int version;

    protected Versioned() {}

    protected Versioned(UUID teamId) {
        super(teamId);
    }

    public int version() {
        return version;
    }
}
