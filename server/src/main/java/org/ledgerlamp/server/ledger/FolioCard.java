package org.ledgerlamp.server.ledger;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.LocalDate;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A row of the ledger. */
@Entity
class FolioCard {
    @Id
    private UUID id;

    @Column(name = "team_id", updatable = false)
    private UUID teamId;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private CardSort sort;

    private int folio;
    private String title;

    @Column(name = "held_on")
    private LocalDate heldOn;

    /** Empty where there is none, so that a page can end on it. */
    private String series;

    private String kind;
    private int decisions;
    private int actions;
    private int present;
    private boolean archived;

    protected FolioCard() {}

    FolioCard(CardFacts facts) {
        id = facts.id();
        teamId = facts.teamId();
        show(facts);
    }

    final void show(CardFacts facts) {
        sort = facts.sort();
        folio = facts.folio();
        title = facts.title();
        heldOn = facts.heldOn();
        series = facts.series() == null ? "" : facts.series();
        kind = facts.kind() == null ? "" : facts.kind();
        decisions = facts.decisions();
        actions = facts.actions();
        present = facts.present();
    }

    void setArchived(boolean now) {
        archived = now;
    }

    UUID id() {
        return id;
    }

    UUID teamId() {
        return teamId;
    }

    CardSort sort() {
        return sort;
    }

    int folio() {
        return folio;
    }

    String title() {
        return title;
    }

    LocalDate heldOn() {
        return heldOn;
    }

    String series() {
        return series;
    }

    String kind() {
        return kind;
    }

    int decisions() {
        return decisions;
    }

    int actions() {
        return actions;
    }

    int present() {
        return present;
    }

    boolean isArchived() {
        return archived;
    }
}
