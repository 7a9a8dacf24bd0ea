package org.ledgerlamp.server.templates;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import org.ledgerlamp.core.minutes.Template;
import org.ledgerlamp.server.common.Versioned;

/** A template of a team's own. */
@Entity
@Table(name = "team_template")
class TeamTemplate extends Versioned {
    private String name;

    @Convert(converter = TemplateColumn.class)
    @Column(columnDefinition = "longtext")
    private Template body;

    private boolean archived;

    protected TeamTemplate() {}

    TeamTemplate(UUID teamId, Template template) {
        super(teamId);
        become(template);
    }

    final void become(Template template) {
        name = template.name();
        body = template;
    }

    void archive(boolean away) {
        archived = away;
    }

    String name() {
        return name;
    }

    Template template() {
        return body;
    }

    /** Whether it is offered no more. */
    boolean isArchived() {
        return archived;
    }
}
