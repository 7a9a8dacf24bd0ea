package org.ledgerlamp.server.imports;

import jakarta.persistence.Basic;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.ledgerlamp.server.common.Digests;
import org.ledgerlamp.server.common.TeamOwned;

/** A file of an import. */
@Entity
class ImportItem extends TeamOwned {
    @Column(name = "run_id", updatable = false)
    private UUID runId;

    @Column(updatable = false)
    private int n;

    @Column(updatable = false)
    private String path;

    @Column(updatable = false)
    private long size;

    @JdbcTypeCode(SqlTypes.CHAR)
    @Column(updatable = false)
    private String sha256;

    @Basic(fetch = FetchType.LAZY)
    @Column(columnDefinition = "longblob")
    private byte[] bytes;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private ItemState state;

    @Column(columnDefinition = "longtext")
    private String reason;

    private Integer folio;

    @Column(name = "minutes_id")
    private UUID minutesId;

    @Column(name = "meeting_id")
    private UUID meetingId;

    protected ImportItem() {}

    ImportItem(ImportRun of, int n, String path, byte[] bytes) {
        super(of.teamId());
        this.runId = of.id();
        this.n = n;
        this.path = path;
        this.size = bytes.length;
        this.sha256 = Digests.sha256(bytes);
        this.bytes = bytes;
        this.state = ItemState.WAITING;
    }

    /** Its words are a folio now; the bytes are kept with it. */
    void filed(int as) {
        state = ItemState.FILED;
        folio = as;
        bytes = null;
    }

    void placed(UUID meeting) {
        state = ItemState.PLACED;
        meetingId = meeting;
        bytes = null;
    }

    void drafted(UUID minutes) {
        state = ItemState.DRAFTED;
        minutesId = minutes;
    }

    void known(String why, Integer as) {
        state = ItemState.KNOWN;
        reason = why;
        folio = as;
        bytes = null;
    }

    /** Cannot be brought in; its bytes stay here. */
    void failed(String why) {
        state = ItemState.FAILED;
        reason = why;
    }

    UUID runId() {
        return runId;
    }

    int n() {
        return n;
    }

    String path() {
        return path;
    }

    long size() {
        return size;
    }

    String sha256() {
        return sha256;
    }

    /** As they came; null once they are kept elsewhere. */
    byte[] bytes() {
        return bytes;
    }

    ItemState state() {
        return state;
    }

    /** Why it was not brought in, or null. */
    String reason() {
        return reason;
    }

    /** The folio it became, or the one that was there already; or null. */
    Integer folio() {
        return folio;
    }

    UUID minutesId() {
        return minutesId;
    }

    UUID meetingId() {
        return meetingId;
    }
}
