package org.ledgerlamp.server.registers;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.ledgerlamp.core.reading.Standing;
import org.ledgerlamp.server.acts.Act;
import org.ledgerlamp.server.acts.ActKind;
import org.ledgerlamp.server.acts.Course;
import org.ledgerlamp.server.minutes.LineKind;
import org.ledgerlamp.server.minutes.Minutes;
import org.ledgerlamp.server.minutes.MinutesLine;

/** A line of record in a register, as it stands now. */
@Entity
@Table(name = "register_entry")
public class RegisterEntry {
    /** Where what has no day stands: behind all that has one. */
    static final LocalDate NO_DAY = LocalDate.of(9999, 12, 31);

    @Id
    private UUID id;

    @Column(name = "team_id", updatable = false)
    private UUID teamId;

    @Column(name = "minutes_id", updatable = false)
    private UUID minutesId;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private LineKind kind;

    private int folio;
    private int number;

    @Column(name = "held_on")
    private LocalDate heldOn;

    private String series;

    @Column(columnDefinition = "longtext")
    private String text;

    @Column(name = "owner_id")
    private UUID ownerId;

    private LocalDate due;

    @Column(name = "due_key")
    private LocalDate dueKey;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private EntryStanding standing;

    @Column(name = "is_open")
    private boolean open;

    private boolean contested;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    @Column(name = "last_act")
    private ActKind lastAct;

    @Column(name = "act_id")
    private UUID actId;

    protected RegisterEntry() {}

    RegisterEntry(MinutesLine line) {
        id = line.id();
        teamId = line.teamId();
        minutesId = line.minutesId();
    }

    /** Takes over how its line stands. */
    final void stand(MinutesLine line, Minutes of, Course course, EntryStanding now) {
        kind = line.kind();
        folio = line.folio();
        number = line.number();
        heldOn = of.meeting().date();
        series = of.meeting().series();
        text = line.text();
        ownerId = course.owner(line.ownerId());
        due = course.due(line.due());
        dueKey = due == null ? NO_DAY : due;
        standing = now;
        open = now.isOpen();
        contested = Standing.CONTESTED.label().equals(line.grounds().standing());
        Act last = course.last();
        lastAct = last == null ? null : last.kind();
        actId = last == null ? null : last.id();
    }

    public UUID id() {
        return id;
    }

    /** The minutes that record it. */
    public UUID minutesId() {
        return minutesId;
    }

    public LineKind kind() {
        return kind;
    }

    public int folio() {
        return folio;
    }

    public int number() {
        return number;
    }

    public LocalDate heldOn() {
        return heldOn;
    }

    public String series() {
        return series;
    }

    public String text() {
        return text;
    }

    public UUID ownerId() {
        return ownerId;
    }

    public LocalDate due() {
        return due;
    }

    LocalDate dueKey() {
        return dueKey;
    }

    public EntryStanding standing() {
        return standing;
    }

    public boolean isContested() {
        return contested;
    }

    /** What was done about it last, or null. */
    public ActKind lastAct() {
        return lastAct;
    }

    /** The act that did it, to be taken back, or null. */
    public UUID actId() {
        return actId;
    }
}
