package org.ledgerlamp.server.references;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Versioned;

/** A document filed beside folios. */
@Entity
public class ReferenceNote extends Versioned {
    @Column(updatable = false)
    private int folio;

    private String title;
    private LocalDate dated;

    @Column(updatable = false)
    private String name;

    @JdbcTypeCode(SqlTypes.CHAR)
    @Column(updatable = false)
    private String sha256;

    @Column(name = "filed_at", updatable = false)
    private Instant filedAt;

    @Column(name = "filed_by", updatable = false)
    private UUID filedBy;

    protected ReferenceNote() {}

    ReferenceNote(SignedIn who, int folio, String name, String sha256, Instant now) {
        super(who.teamId());
        this.folio = folio;
        this.name = name;
        this.sha256 = sha256;
        this.filedAt = now;
        this.filedBy = who.memberId();
    }

    final void call(String newTitle, LocalDate day) {
        title = newTitle.strip();
        dated = day;
    }

    /** Its number in the ledger. */
    public int folio() {
        return folio;
    }

    public String title() {
        return title;
    }

    /** The day it is of. */
    public LocalDate dated() {
        return dated;
    }

    /** Name of the file. */
    public String name() {
        return name;
    }

    Instant filedAt() {
        return filedAt;
    }

    UUID filedBy() {
        return filedBy;
    }
}
