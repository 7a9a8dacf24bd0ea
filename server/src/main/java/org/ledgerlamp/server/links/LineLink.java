package org.ledgerlamp.server.links;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.ledgerlamp.server.common.Versioned;
import org.ledgerlamp.server.minutes.Basis;
import org.ledgerlamp.server.minutes.LineState;
import org.ledgerlamp.server.minutes.Minutes;

/** What later minutes say of a line of record, with the words that say it. */
@Entity
@Table(name = "line_link")
public class LineLink extends Versioned {
    @Column(name = "earlier_line", updatable = false)
    private UUID earlierLine;

    @Column(name = "later_minutes", updatable = false)
    private UUID laterMinutes;

    @Column(name = "later_line", updatable = false)
    private UUID laterLine;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    @Column(updatable = false)
    private LinkEffect effect;

    @Column(updatable = false)
    private LocalDate due;

    @Column(name = "owner_id", updatable = false)
    private UUID ownerId;

    @Convert(converter = Basis.Column.class)
    @Column(columnDefinition = "longtext", updatable = false)
    private List<Basis> evidence;

    @Column(updatable = false)
    private double strength;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private LineState state;

    @Column(name = "act_id")
    private UUID actId;

    protected LineLink() {}

    /**
     * @param laterLine the line of the later minutes that records it, or null
     * @param certain whether it is in pencil, or only possible
     */
    LineLink(Minutes later, UUID earlierLine, UUID laterLine, Found found, boolean certain) {
        super(later.teamId());
        this.laterMinutes = later.id();
        this.earlierLine = earlierLine;
        this.laterLine = laterLine;
        this.effect = found.effect();
        this.due = found.due();
        this.ownerId = found.ownerId();
        this.evidence = found.evidence();
        this.strength = found.strength();
        this.state = certain ? LineState.PENCIL : LineState.POSSIBLE;
    }

    /** What was found. */
    record Found(LinkEffect effect, LocalDate due, UUID ownerId, List<Basis> evidence, double strength) {}

    /** @param act what was done about the earlier line because of it, or null */
    void turn(LineState to, UUID act) {
        state = to;
        actId = act;
    }

    public UUID earlierLine() {
        return earlierLine;
    }

    public UUID laterMinutes() {
        return laterMinutes;
    }

    /** The line of the later minutes that records it, or null. */
    public UUID laterLine() {
        return laterLine;
    }

    public LinkEffect effect() {
        return effect;
    }

    /** Whether a recorded decision changed or withdrew the earlier one, and that is more than possible. */
    public boolean isChange() {
        return (effect == LinkEffect.CHANGES || effect == LinkEffect.WITHDRAWS)
                && (state == LineState.PENCIL || state == LineState.INK)
                && laterLine != null;
    }

    /** The day the action slipped to, or null. */
    public LocalDate due() {
        return due;
    }

    /** Who has the action from then on, or null. */
    public UUID ownerId() {
        return ownerId;
    }

    public List<Basis> evidence() {
        return evidence;
    }

    public double strength() {
        return strength;
    }

    public LineState state() {
        return state;
    }

    /** What was done about the earlier line when it was inked, or null. */
    UUID actId() {
        return actId;
    }
}
