package org.ledgerlamp.server.ledger;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** One value that a folio is found by, for queries; {@link FolioFacets} writes it. */
@Entity
@Immutable
class FolioFacet {
    @EmbeddedId
    private Key key;

    @Column(name = "team_id")
    private UUID teamId;

    private boolean archived;

    protected FolioFacet() {}

    /** A folio and a value. */
    @Embeddable
    record Key(
            @Column(name = "folio_id") UUID folioId,
            @Enumerated(EnumType.STRING) @JdbcTypeCode(SqlTypes.VARCHAR) Facet facet,
            String value) {}
}
