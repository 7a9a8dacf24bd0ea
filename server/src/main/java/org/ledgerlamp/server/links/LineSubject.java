package org.ledgerlamp.server.links;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Converter;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.ledgerlamp.core.ledger.Subject;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.server.common.JsonColumn;
import org.ledgerlamp.server.meetings.Meeting;
import org.ledgerlamp.server.minutes.Minutes;
import tools.jackson.core.type.TypeReference;

/** What a line of record is about, kept so that later talk can be searched for it without reading the line's source again. */
@Entity
@Table(name = "line_subject")
class LineSubject {
    @Id
    @Column(name = "line_id")
    private UUID lineId;

    @Column(name = "team_id", updatable = false)
    private UUID teamId;

    @Column(name = "minutes_id", updatable = false)
    private UUID minutesId;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    @Column(updatable = false)
    private Kind kind;

    @Column(name = "held_on")
    private LocalDate heldOn;

    private String series;

    @Convert(converter = SubjectColumn.class)
    @Column(columnDefinition = "longtext", updatable = false)
    private Subject subject;

    @Column(name = "spoken_of")
    private LocalDate spokenOf;

    private boolean ended;

    protected LineSubject() {}

    LineSubject(UUID lineId, Minutes of, Kind kind, Subject subject) {
        this.lineId = lineId;
        this.teamId = of.teamId();
        this.minutesId = of.id();
        this.kind = kind;
        this.heldOn = of.meeting().date();
        this.series = of.meeting().series();
        this.subject = subject;
        this.spokenOf = heldOn;
    }

    /** Its meeting is of another day or series. What was spoken of since stays so. */
    void moved(Meeting meeting) {
        if (spokenOf.equals(heldOn)) {
            spokenOf = meeting.date();
        }
        heldOn = meeting.date();
        series = meeting.series();
    }

    /** Says whether it is over: done, dropped, answered. */
    void setEnded(boolean now) {
        ended = now;
    }

    void spokenOfOn(LocalDate day) {
        spokenOf = day;
    }

    UUID lineId() {
        return lineId;
    }

    UUID minutesId() {
        return minutesId;
    }

    LocalDate heldOn() {
        return heldOn;
    }

    String series() {
        return series;
    }

    Subject subject() {
        return subject;
    }

    LocalDate spokenOf() {
        return spokenOf;
    }

    /** A subject as one column. */
    @Converter
    static class SubjectColumn extends JsonColumn<Subject> {
        SubjectColumn() {
            super(new TypeReference<>() {});
        }
    }
}
