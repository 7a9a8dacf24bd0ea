package org.ledgerlamp.server.papers;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.TeamOwned;

/** A team's house document. */
@Entity
@Table(name = "house_sheet")
class HouseSheet extends TeamOwned {
    private String name;

    @Column(columnDefinition = "longblob")
    private byte[] bytes;

    @Column(name = "brought_at")
    private Instant broughtAt;

    @Column(name = "brought_by")
    private UUID broughtBy;

    protected HouseSheet() {}

    HouseSheet(UUID teamId) {
        super(teamId);
    }

    void become(SignedIn by, String file, byte[] content, Instant now) {
        name = file;
        bytes = content;
        broughtAt = now;
        broughtBy = by.memberId();
    }

    String name() {
        return name;
    }

    byte[] bytes() {
        return bytes;
    }

    Instant broughtAt() {
        return broughtAt;
    }

    UUID broughtBy() {
        return broughtBy;
    }
}
