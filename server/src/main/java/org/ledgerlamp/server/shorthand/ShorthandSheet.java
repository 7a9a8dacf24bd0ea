package org.ledgerlamp.server.shorthand;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import org.ledgerlamp.core.source.Shorthand;
import org.ledgerlamp.server.common.Versioned;

/** A team's marks and abbreviations. */
@Entity
@Table(name = "shorthand")
class ShorthandSheet extends Versioned {
    @Convert(converter = ShorthandColumn.class)
    @Column(columnDefinition = "longtext")
    private Shorthand content = Shorthand.NONE;

    protected ShorthandSheet() {}

    ShorthandSheet(UUID teamId) {
        super(teamId);
    }

    Shorthand content() {
        return content;
    }

    void write(Shorthand other) {
        content = other;
    }
}
