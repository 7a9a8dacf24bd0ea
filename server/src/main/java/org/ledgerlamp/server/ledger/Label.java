package org.ledgerlamp.server.ledger;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.ledgerlamp.server.common.Versioned;

/** A collection, a project or a tag. */
@Entity
class Label extends Versioned {
    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    @Column(updatable = false)
    private LabelSort sort;

    private String name;

    @Column(name = "parent_id")
    private UUID parentId;

    protected Label() {}

    Label(UUID teamId, LabelSort sort, String name, UUID parentId) {
        super(teamId);
        this.sort = sort;
        change(name, parentId);
    }

    final void change(String newName, UUID newParent) {
        name = newName.strip();
        parentId = newParent;
    }

    LabelSort sort() {
        return sort;
    }

    String name() {
        return name;
    }

    /** The collection it stands within, or null. */
    UUID parentId() {
        return parentId;
    }

    Facet.Value value() {
        return new Facet.Value(sort.facet(), id().toString());
    }
}
