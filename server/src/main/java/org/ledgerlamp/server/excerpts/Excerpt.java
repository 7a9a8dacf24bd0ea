package org.ledgerlamp.server.excerpts;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Converter;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.JsonColumn;
import org.ledgerlamp.server.common.TeamOwned;
import tools.jackson.core.type.TypeReference;

/** Some lines of a folio that can be read by whoever has the address. */
@Entity
class Excerpt extends TeamOwned {
    @Column(name = "minutes_id", updatable = false)
    private UUID minutesId;

    @Convert(converter = Ids.class)
    @Column(name = "line_ids", columnDefinition = "longtext", updatable = false)
    private List<UUID> lineIds;

    @Column(updatable = false)
    private boolean passages;

    @Column(updatable = false)
    private String digest;

    @Column(updatable = false)
    private String passphrase;

    @Column(name = "made_by", updatable = false)
    private UUID madeBy;

    @Column(name = "made_at", updatable = false)
    private Instant madeAt;

    @Column(name = "expires_at", updatable = false)
    private Instant expiresAt;

    @Column(name = "revoked_at")
    private Instant revokedAt;

    protected Excerpt() {}

    /**
     * One that is made now.
     *
     * @param digest of what its address contains
     * @param passphrase hashed, or null where none is asked for
     */
    Excerpt(
            SignedIn by,
            UUID minutesId,
            List<UUID> lineIds,
            boolean passages,
            String digest,
            @Nullable String passphrase,
            Instant now,
            Instant expiresAt) {
        super(by.teamId());
        this.minutesId = minutesId;
        this.lineIds = List.copyOf(lineIds);
        this.passages = passages;
        this.digest = digest;
        this.passphrase = passphrase;
        this.madeBy = by.memberId();
        this.madeAt = now;
        this.expiresAt = expiresAt;
    }

    void revoke(Instant now) {
        if (revokedAt == null) {
            revokedAt = now;
        }
    }

    /** Whether it can still be read. */
    boolean isOpen(Instant now) {
        return revokedAt == null && expiresAt.isAfter(now);
    }

    UUID minutesId() {
        return minutesId;
    }

    List<UUID> lineIds() {
        return lineIds;
    }

    /** Whether the words that the lines rest on are shown with them. */
    boolean hasPassages() {
        return passages;
    }

    @Nullable
    String passphrase() {
        return passphrase;
    }

    UUID madeBy() {
        return madeBy;
    }

    Instant madeAt() {
        return madeAt;
    }

    Instant expiresAt() {
        return expiresAt;
    }

    @Nullable
    Instant revokedAt() {
        return revokedAt;
    }

    @Converter
    static class Ids extends JsonColumn<List<UUID>> {
        Ids() {
            super(new TypeReference<>() {});
        }
    }
}
