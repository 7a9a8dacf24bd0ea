package org.ledgerlamp.server.audit;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.common.AuditKind;
import org.ledgerlamp.server.common.Audited;
import org.ledgerlamp.server.common.TeamOwned;
import org.ledgerlamp.server.common.Texts;

/** One thing that happened. It is written once and never changed. */
@Entity
@Table(name = "audit_entry")
class AuditEntry extends TeamOwned {
    private static final int LONGEST = 500;

    @Column(updatable = false)
    private Instant at;

    @Column(name = "member_id", updatable = false)
    private UUID memberId;

    @Column(updatable = false)
    private String who;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    @Column(updatable = false)
    private AuditKind kind;

    @Column(updatable = false)
    private String about;

    @Column(updatable = false)
    private String network;

    protected AuditEntry() {}

    /** @param network from where, or null where nobody asked for it */
    AuditEntry(Audited audited, Instant at, @Nullable String network) {
        super(audited.teamId());
        this.at = at;
        this.memberId = audited.memberId();
        this.who = Texts.shortened(audited.who(), LONGEST);
        this.kind = audited.kind();
        this.about = Texts.shortened(audited.about(), LONGEST);
        this.network = network;
    }

    Instant at() {
        return at;
    }

    String who() {
        return who;
    }

    AuditKind kind() {
        return kind;
    }

    String about() {
        return about;
    }

    @Nullable
    String network() {
        return network;
    }
}
