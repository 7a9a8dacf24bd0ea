package org.ledgerlamp.server.page;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.ledgerlamp.server.common.Versioned;

/** A line of notes as it was typed. */
@Entity
@Table(name = "page_line")
class PageLine extends Versioned {
    @Column(name = "meeting_id", updatable = false)
    private UUID meetingId;

    @Column(updatable = false)
    private UUID name;

    @Column(name = "member_id", updatable = false)
    private UUID memberId;

    private double position;
    private int indent;

    @Column(columnDefinition = "longtext")
    private String text;

    @Column(name = "agenda_item")
    private Integer agendaItem;

    @Column(name = "typed_at", updatable = false)
    private Instant typedAt;

    private long stamp;
    private boolean beside;
    private boolean removed;

    protected PageLine() {}

    PageLine(UUID teamId, UUID meetingId, UUID memberId, PageService.Typed typed, boolean beside) {
        super(teamId);
        this.meetingId = meetingId;
        this.memberId = memberId;
        this.name = typed.name();
        this.typedAt = typed.typedAt();
        this.beside = beside;
        write(typed);
    }

    /** Takes over what was typed. */
    final void write(PageService.Typed typed) {
        position = typed.position();
        indent = typed.indent();
        text = typed.text();
        agendaItem = typed.agendaItem();
        stamp = typed.stamp();
        removed = typed.removed();
    }

    UUID name() {
        return name;
    }

    UUID memberId() {
        return memberId;
    }

    double position() {
        return position;
    }

    int indent() {
        return indent;
    }

    String text() {
        return text;
    }

    /** Number of the agenda's item it stands under, from 0, or null. */
    Integer agendaItem() {
        return agendaItem;
    }

    Instant typedAt() {
        return typedAt;
    }

    /** Counts the changes of a line in the browser that made them: a lower one is late. */
    long stamp() {
        return stamp;
    }

    /** Whether it stands below the rule: added by somebody who did not hold the pen. */
    boolean isBeside() {
        return beside;
    }

    boolean isRemoved() {
        return removed;
    }
}
