package org.ledgerlamp.server.common;

import jakarta.persistence.Column;
import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import java.util.UUID;
import org.hibernate.annotations.UuidGenerator;
import org.hibernate.search.mapper.pojo.mapping.definition.annotation.GenericField;

/** A row that belongs to one team and is never shown to another. */
@MappedSuperclass
public abstract class TeamOwned {
    @Id
    @UuidGenerator(style = UuidGenerator.Style.VERSION_7)
    private UUID id;

    @Column(name = "team_id", updatable = false)
    @GenericField
    private UUID teamId;

    protected TeamOwned() {}

    protected TeamOwned(UUID teamId) {
        this.teamId = teamId;
    }

    public UUID id() {
        return id;
    }

    public UUID teamId() {
        return teamId;
    }
}
