package org.ledgerlamp.server.citations;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.ledgerlamp.core.ledger.Citations;
import org.ledgerlamp.server.common.TeamOwned;
import org.ledgerlamp.server.common.Written;

/** Some words cite a line. */
@Entity
class Citation extends TeamOwned {
    @Column(name = "home_id", updatable = false)
    private UUID home;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    @Column(updatable = false)
    private Written.Place place;

    @Column(name = "place_id", updatable = false)
    private UUID placeId;

    @Column(name = "member_id", updatable = false)
    private UUID memberId;

    @Column(name = "cited_id", updatable = false)
    private UUID cited;

    @Column(name = "cited_home", updatable = false)
    private UUID citedHome;

    @Column(updatable = false)
    private int folio;

    @Column(updatable = false)
    private int number;

    protected Citation() {}

    Citation(Written by, Citations.Citation as, CitedLine line) {
        super(by.teamId());
        home = by.home();
        place = by.place();
        placeId = by.id();
        memberId = by.memberId();
        cited = line.id();
        citedHome = line.home();
        folio = as.folio();
        number = as.number();
    }

    /** The number as it stands in the words. */
    String written() {
        return folio + "." + number;
    }

    UUID home() {
        return home;
    }

    Written.Place place() {
        return place;
    }

    UUID placeId() {
        return placeId;
    }

    UUID cited() {
        return cited;
    }
}
