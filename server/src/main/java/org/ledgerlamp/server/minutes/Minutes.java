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
import org.ledgerlamp.core.minutes.Draft;
import org.ledgerlamp.core.minutes.ShippedTemplates;
import org.ledgerlamp.core.minutes.Template;
import org.ledgerlamp.server.common.Versioned;
import org.ledgerlamp.server.meetings.Meeting;
import org.ledgerlamp.server.templates.TemplateColumn;

/** The minutes of one meeting: a draft until they are filed, a folio from then on. */
@Entity
public class Minutes extends Versioned {
    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    @JoinColumn(name = "meeting_id", updatable = false)
    private Meeting meeting;

    private String template;

    @Convert(converter = TemplateColumn.class)
    @Column(columnDefinition = "longtext")
    private Template form;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Detail detail;

    @Convert(converter = TopicMark.Column.class)
    @Column(columnDefinition = "longtext")
    private List<TopicMark> topics;

    @Convert(converter = Figures.Column.class)
    @Column(columnDefinition = "longtext")
    private Figures figures;

    private Integer folio;

    @Column(name = "filed_at")
    private Instant filedAt;

    @Column(name = "filed_by")
    private UUID filedBy;

    @Column(name = "kept_number")
    private Integer keptNumber;

    @Column(name = "circulated_revision")
    private Integer circulatedRevision;

    /** Written by {@link MinutesRepository} alone: linking in the background is no change that a person's could clash with. */
    @Column(updatable = false)
    private boolean linked;

    protected Minutes() {}

    Minutes(Meeting meeting) {
        super(meeting.teamId());
        this.meeting = meeting;
    }

    /** Takes over the form of a draft and what it tells of the talk as a whole. */
    final void drafted(Draft draft) {
        template = draft.template().name();
        form = draft.template();
        detail = draft.template().detail();
        topics = draft.reading().topics().stream().map(TopicMark::of).toList();
        figures = Figures.of(draft.reading().figures());
    }

    /** Takes over the form of minutes that were not drafted here. */
    final void takenOver(Template as) {
        template = as.name();
        form = as;
        detail = as.detail();
        topics = List.of();
        figures = Figures.UNKNOWN;
    }

    void file(int number, UUID by, Instant at) {
        folio = number;
        keptNumber = null;
        filedBy = by;
        filedAt = at;
    }

    /** Makes a draft of a folio again; its number stays reserved for it. */
    void unfile() {
        keptNumber = folio;
        folio = null;
        filedAt = null;
        filedBy = null;
    }

    /** Gives up the number that is reserved for it. */
    void giveUpNumber() {
        keptNumber = null;
    }

    /** The number it had before it was taken back from the ledger, or null. */
    Integer keptNumber() {
        return keptNumber;
    }

    void circulated(int revision) {
        circulatedRevision = revision;
    }

    /** Whether it is linked to what was filed before. */
    public boolean isLinked() {
        return linked;
    }

    /** The revision that was circulated last, or 0. */
    public int circulatedRevision() {
        return circulatedRevision == null ? 0 : circulatedRevision;
    }

    public Meeting meeting() {
        return meeting;
    }

    /** The form the minutes take. */
    public Template template() {
        Template kept = form == null ? Template.named(template).orElse(ShippedTemplates.ALL.getFirst()) : form;
        return detail == null ? kept : kept.with(detail);
    }

    /** What the minutes are titled. */
    public String title() {
        return template().titleOf(meeting.facts(List.of()));
    }

    /** What a file of them is named, without its ending. */
    public String fileName() {
        return template().fileOf(meeting.facts(List.of()));
    }

    public List<TopicMark> topics() {
        return topics;
    }

    public Figures figures() {
        return figures == null ? Figures.UNKNOWN : figures;
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
