package org.ledgerlamp.server.minutes;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.ledgerlamp.core.minutes.Detail;
import org.ledgerlamp.core.minutes.Template;
import org.ledgerlamp.server.common.Versioned;
import org.ledgerlamp.server.meetings.Meeting;

/** The minutes of one meeting: a draft until they are filed, a folio from then on. */
@Entity
public class Minutes extends Versioned {
    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    @JoinColumn(name = "meeting_id", updatable = false)
    private Meeting meeting;

    private String template;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Detail detail;

    @Convert(converter = TopicMark.Column.class)
    @Column(columnDefinition = "longtext")
    private List<TopicMark> topics;

    private Integer folio;

    @Column(name = "filed_at")
    private Instant filedAt;

    @Column(name = "filed_by")
    private UUID filedBy;

    protected Minutes() {}

    Minutes(Meeting meeting, Template template, List<TopicMark> topics) {
        super(meeting.teamId());
        this.meeting = meeting;
        this.template = template.name();
        this.detail = template.detail();
        this.topics = topics;
    }

    void file(int number, UUID by, Instant at) {
        folio = number;
        filedBy = by;
        filedAt = at;
    }

    /** @param asMuch how much of the talk is kept, whatever the template says */
    void useTemplate(Template other, Detail asMuch) {
        template = other.name();
        detail = asMuch;
    }

    public Meeting meeting() {
        return meeting;
    }

    /** The form the minutes take. */
    public Template template() {
        Template form = Template.named(template).orElse(Template.SHIPPED.getFirst());
        return detail == null ? form : form.with(detail);
    }

    public List<TopicMark> topics() {
        return topics;
    }

    /** The folio's number, or null while these are a draft. */
    public Integer folio() {
        return folio;
    }

    public Instant filedAt() {
        return filedAt;
    }

    public UUID filedBy() {
        return filedBy;
    }

    public boolean isFiled() {
        return folio != null;
    }
}
