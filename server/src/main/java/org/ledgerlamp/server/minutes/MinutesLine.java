package org.ledgerlamp.server.minutes;

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
import org.hibernate.search.engine.backend.types.Aggregable;
import org.hibernate.search.engine.backend.types.Highlightable;
import org.hibernate.search.engine.backend.types.Projectable;
import org.hibernate.search.engine.backend.types.Sortable;
import org.hibernate.search.engine.backend.types.VectorSimilarity;
import org.hibernate.search.mapper.pojo.bridge.mapping.annotation.ValueBridgeRef;
import org.hibernate.search.mapper.pojo.mapping.definition.annotation.FullTextField;
import org.hibernate.search.mapper.pojo.mapping.definition.annotation.GenericField;
import org.hibernate.search.mapper.pojo.mapping.definition.annotation.Indexed;
import org.hibernate.search.mapper.pojo.mapping.definition.annotation.VectorField;
import org.hibernate.type.SqlTypes;
import org.ledgerlamp.core.language.SentenceVectors;
import org.ledgerlamp.core.minutes.Line;
import org.ledgerlamp.server.common.MeaningBridge;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.common.Versioned;
import org.ledgerlamp.server.common.Written;

/** A line of minutes. */
@Entity
@Indexed
@Table(name = "minutes_line")
public class MinutesLine extends Versioned {
    @Column(name = "minutes_id", updatable = false)
    private UUID minutesId;

    private double position;

    @GenericField(projectable = Projectable.YES)
    private Integer number;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    @GenericField(name = "place", aggregable = Aggregable.YES)
    private LineKind kind;

    @Column(columnDefinition = "longtext")
    @VectorField(
            name = "meaning",
            dimension = SentenceVectors.SIZE,
            vectorSimilarity = VectorSimilarity.COSINE,
            valueBridge = @ValueBridgeRef(type = MeaningBridge.class))
    @FullTextField(analyzer = "talk", highlightable = Highlightable.UNIFIED, projectable = Projectable.YES)
    private String text;

    @Column(name = "owner_id")
    @GenericField(aggregable = Aggregable.YES)
    private UUID ownerId;

    private LocalDate due;

    @Column(name = "due_words")
    private String dueWords;

    private int topic;
    private String section;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private LineState state;

    private boolean drafted;
    private double certainty;

    @Convert(converter = Grounds.Column.class)
    @Column(columnDefinition = "longtext")
    private Grounds grounds;

    @Convert(converter = Basis.Column.class)
    @Column(columnDefinition = "longtext")
    private List<Basis> evidence;

    @GenericField(projectable = Projectable.YES, sortable = Sortable.YES, aggregable = Aggregable.YES)
    private Integer folio;

    protected MinutesLine() {}

    /** A line the program drafted: in pencil. */
    static MinutesLine drafted(Minutes minutes, double position, Line line, UUID ownerId, List<Basis> evidence) {
        MinutesLine drafted = new MinutesLine(minutes, position, LineKind.of(line), line.text(), evidence);
        drafted.section = line.section();
        drafted.ownerId = ownerId;
        drafted.due = line.due();
        drafted.dueWords = line.dueWords();
        drafted.topic = line.topic();
        drafted.certainty = line.certainty();
        drafted.grounds = Grounds.of(line.reasons(), line.backing());
        return drafted;
    }

    /** What the ledger says to the question of a section: in pencil. The words name the numbers it rests on. */
    static MinutesLine ofLedger(Minutes minutes, double position, String section, String text) {
        MinutesLine told = new MinutesLine(minutes, position, LineKind.ANSWER, text, List.of());
        told.section = section;
        told.certainty = 1;
        told.grounds = Grounds.of(List.of("stands in the ledger"), null);
        return told;
    }

    /** A line the program found and does not trust enough to draft. */
    static MinutesLine possible(Minutes minutes, double position, Line line, UUID ownerId, List<Basis> evidence) {
        MinutesLine possible = drafted(minutes, position, line, ownerId, evidence);
        possible.state = LineState.POSSIBLE;
        return possible;
    }

    /** Whether nobody has touched what the program found: a new draft may replace it. */
    boolean isUntouched() {
        return state == LineState.PENCIL || state == LineState.POSSIBLE;
    }

    /** Confirms it as it stands. */
    void ink() {
        state = LineState.INK;
    }

    /** The summary the program made: in pencil. */
    static MinutesLine summary(Minutes minutes, String text, List<Basis> evidence) {
        MinutesLine summary = new MinutesLine(minutes, 0, LineKind.SUMMARY, text, evidence);
        summary.certainty = 1;
        summary.grounds = Grounds.of(List.of("made from the lines below"), null);
        return summary;
    }

    /** A line a person wrote: in ink. */
    static MinutesLine written(
            Minutes minutes, double position, int topic, String section, LineFacts facts, List<Basis> evidence) {
        MinutesLine written = new MinutesLine(minutes, position, facts.kind(), facts.text(), evidence);
        written.drafted = false;
        written.certainty = 1;
        written.grounds = Grounds.NONE;
        written.topic = topic;
        written.section = section;
        written.change(facts);
        return written;
    }

    private MinutesLine(Minutes minutes, double position, LineKind kind, String text, List<Basis> evidence) {
        super(minutes.teamId());
        this.minutesId = minutes.id();
        this.position = position;
        this.kind = kind;
        this.text = text;
        this.evidence = evidence;
        this.state = LineState.PENCIL;
        this.drafted = true;
    }

    /** @throws Refusal where the line is to answer a question and belongs to none */
    final void change(LineFacts facts) {
        if (facts.kind() == LineKind.ANSWER && section == null) {
            throw Refusal.invalid("Only a line of a section with a question can be its answer.");
        }
        kind = facts.kind();
        text = facts.text().strip();
        ownerId = facts.ownerId();
        due = facts.due();
        state = facts.state();
        position = facts.position() == null ? position : facts.position();
        topic = facts.topic() == null ? topic : facts.topic();
        evidence = facts.evidence() == null ? evidence : List.copyOf(facts.evidence());
    }

    /** What it says, for those who look for citations in it. */
    public Written written(Minutes of) {
        return new Written(of.teamId(), of.meeting().id(), Written.Place.LINE, id(), null, text);
    }

    void moveTo(double newPosition) {
        position = newPosition;
    }

    void moveToTopic(int newTopic) {
        topic = newTopic;
    }

    void file(int folioNumber, int lineNumber) {
        folio = folioNumber;
        number = lineNumber;
    }

    /** A filed line that was struck is no line of record any more; it keeps its number for those who cite it. */
    void leaveRecord() {
        folio = null;
    }

    /** The minutes are a draft again. */
    void unfile() {
        folio = null;
        number = null;
    }

    public UUID minutesId() {
        return minutesId;
    }

    public double position() {
        return position;
    }

    /** Its number in the folio, also when it was struck there since; null for what was never of record. */
    public Integer number() {
        return number;
    }

    public LineKind kind() {
        return kind;
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

    public String dueWords() {
        return dueWords;
    }

    public int topic() {
        return topic;
    }

    /** Heading of the section whose question it answers, or null. */
    public String section() {
        return section;
    }

    public LineState state() {
        return state;
    }

    public boolean isDrafted() {
        return drafted;
    }

    public double certainty() {
        return certainty;
    }

    public Grounds grounds() {
        return grounds;
    }

    public List<Basis> evidence() {
        return evidence;
    }

    /** The folio it is of record in, or null. */
    public Integer folio() {
        return folio;
    }
}
