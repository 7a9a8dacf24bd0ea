package org.ledgerlamp.server.tokens;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Converter;
import jakarta.persistence.Entity;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.JsonColumn;
import org.ledgerlamp.server.common.TeamOwned;
import tools.jackson.core.type.TypeReference;

/** What a program of a member's signs in with. Only a digest of it is kept. */
@Entity
class AccessToken extends TeamOwned {
    /** Uses within this time are noted once. */
    private static final Duration NOTED_ONCE = Duration.ofMinutes(1);

    @Column(name = "member_id", updatable = false)
    private UUID memberId;

    @Column(updatable = false)
    private String name;

    @JdbcTypeCode(SqlTypes.CHAR)
    @Column(updatable = false)
    private String digest;

    @Convert(converter = Uses.class)
    @Column(updatable = false)
    private Set<TokenUse> uses;

    @Column(name = "made_at", updatable = false)
    private Instant madeAt;

    @Column(name = "last_day", updatable = false)
    private @Nullable LocalDate lastDay;

    @Column(name = "used_at")
    private @Nullable Instant usedAt;

    protected AccessToken() {}

    AccessToken(
            SignedIn who, String name, String digest, Set<TokenUse> uses, @Nullable LocalDate lastDay, Instant now) {
        super(who.teamId());
        this.memberId = who.memberId();
        this.name = name;
        this.digest = digest;
        this.uses = new TreeSet<>(uses);
        this.lastDay = lastDay;
        this.madeAt = now;
    }

    UUID memberId() {
        return memberId;
    }

    String name() {
        return name;
    }

    Set<TokenUse> uses() {
        return uses;
    }

    Instant madeAt() {
        return madeAt;
    }

    /** The last day it is good on, or null where it is good until it is revoked. */
    @Nullable
    LocalDate lastDay() {
        return lastDay;
    }

    /** When it was used last, to the minute; null where it never was. */
    @Nullable
    Instant usedAt() {
        return usedAt;
    }

    boolean isGoodOn(LocalDate day) {
        return lastDay == null || !day.isAfter(lastDay);
    }

    void used(Instant now) {
        if (usedAt == null || usedAt.plus(NOTED_ONCE).isBefore(now)) {
            usedAt = now;
        }
    }

    /** How uses are kept. */
    @Converter
    static class Uses extends JsonColumn<Set<TokenUse>> {
        Uses() {
            super(new TypeReference<>() {});
        }
    }
}
