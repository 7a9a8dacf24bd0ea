package org.ledgerlamp.server.tray;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Converter;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.ledgerlamp.core.source.Problem;
import org.ledgerlamp.core.source.Shorthand;
import org.ledgerlamp.core.source.Source;
import org.ledgerlamp.core.source.SourceDesk;
import org.ledgerlamp.core.source.SourceFacts;
import org.ledgerlamp.core.source.SourceFormat;
import org.ledgerlamp.server.common.Digests;
import org.ledgerlamp.server.common.JsonColumn;
import org.ledgerlamp.server.common.Versioned;
import org.ledgerlamp.server.shorthand.ShorthandColumn;
import tools.jackson.core.type.TypeReference;

/** A transcript or raw notes as a file that came in. Its bytes stand in {@link SourceOriginal}. */
@Entity
@Table(name = "source_file")
public class SourceFile extends Versioned {
    /** How far a source has come. */
    public enum State {
        /** The bytes are kept; nothing was tried yet. */
        KEPT,
        /** Read, perhaps with problems listed. */
        READ,
        /** Nothing could be read of it; the problems say why. */
        BROKEN
    }

    /**
     * What a source tells of its meeting.
     *
     * @param title the title it gives, or null
     * @param startedAt when the recording began, or null
     * @param date the day in the text, or null
     * @param speakers speakers and participants as written
     */
    public record Facts(String title, Instant startedAt, LocalDate date, List<String> speakers) {
        static final Facts NONE = new Facts(null, null, null, List.of());
    }

    private String name;
    private int size;

    @JdbcTypeCode(SqlTypes.CHAR)
    private String sha256;

    @Column(name = "received_at")
    private Instant receivedAt;

    @Column(name = "received_by")
    private UUID receivedBy;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private State state = State.KEPT;

    private boolean notes;
    private String format;
    private int passages;
    private Integer seconds;

    @Convert(converter = FactsColumn.class)
    @Column(columnDefinition = "longtext")
    private Facts facts = Facts.NONE;

    @Convert(converter = ProblemsColumn.class)
    @Column(columnDefinition = "longtext")
    private List<Problem> problems = List.of();

    @Convert(converter = ShorthandColumn.class)
    @Column(name = "read_by", columnDefinition = "longtext")
    private Shorthand readBy;

    @Column(name = "read_as_notes")
    private boolean readAsNotes;

    /** {@link SourceDesk#VERSION} of the desk that read it. */
    @Column(name = "reader_version")
    private int readerVersion;

    @Column(name = "meeting_id")
    private UUID meetingId;

    @Column(name = "discarded_at")
    private Instant discardedAt;

    @Column(name = "from_page")
    private boolean fromPage;

    protected SourceFile() {}

    SourceFile(UUID teamId, UUID receivedBy, String name, byte[] bytes, Instant now) {
        super(teamId);
        this.name = name;
        this.size = bytes.length;
        this.sha256 = Digests.sha256(bytes);
        this.receivedAt = now;
        this.receivedBy = receivedBy;
    }

    void read(Source source) {
        Set<String> people = new LinkedHashSet<>(source.speakers());
        people.addAll(source.facts().participants());
        state = State.READ;
        readerVersion = SourceDesk.VERSION;
        notes = source.isNotes();
        format = source.format().label();
        passages = source.utterances().size();
        Duration length = source.length();
        seconds = length == null ? null : (int) length.toSeconds();
        problems = source.problems();
        facts = new Facts(
                source.facts().title(),
                source.facts().startedAt(),
                source.facts().date(),
                List.copyOf(people));
    }

    void broken(Problem problem) {
        state = State.BROKEN;
        problems = List.of(problem);
    }

    void place(UUID meeting) {
        meetingId = meeting;
    }

    /** The marks it is read by: those that the team had when it came. */
    Shorthand readBy() {
        return readBy == null ? Shorthand.NONE : readBy;
    }

    /** Whether its lines are read as notes, even where they look like a transcript's. */
    boolean isReadAsNotes() {
        return readAsNotes;
    }

    void isToBeReadBy(Shorthand shorthand, boolean asNotes) {
        readBy = shorthand;
        readAsNotes = asNotes;
    }

    /** What was read of it, put together again from its passages. */
    Source source(List<Passage> passages) {
        Set<String> speaking = passages.stream().map(Passage::speaker).collect(Collectors.toSet());
        return new Source(
                SourceFormat.labelled(format),
                passages.stream().map(Passage::utterance).toList(),
                notes ? passages.stream().map(Passage::noteLine).toList() : List.of(),
                new SourceFacts(
                        facts.title(),
                        facts.startedAt(),
                        facts.date(),
                        facts.speakers().stream()
                                .filter(s -> !speaking.contains(s))
                                .toList()),
                problems);
    }

    /** Says that it was typed on the meeting's own page. */
    void cameFromPage() {
        fromPage = true;
    }

    boolean isFromPage() {
        return fromPage;
    }

    void discard(Instant now) {
        discardedAt = now;
        meetingId = null;
    }

    void restore() {
        discardedAt = null;
    }

    public String name() {
        return name;
    }

    public int size() {
        return size;
    }

    /** Whether these are its bytes. */
    public boolean holds(byte[] bytes) {
        return sha256.equals(Digests.sha256(bytes));
    }

    public String sha256() {
        return sha256;
    }

    public Instant receivedAt() {
        return receivedAt;
    }

    public State state() {
        return state;
    }

    /** Whether somebody typed it, rather than a transcript of what was said. */
    public boolean isNotes() {
        return notes;
    }

    public String format() {
        return format;
    }

    public int passages() {
        return passages;
    }

    public Integer seconds() {
        return seconds;
    }

    public Facts facts() {
        return facts;
    }

    public List<Problem> problems() {
        return problems;
    }

    public UUID meetingId() {
        return meetingId;
    }

    @Converter
    static class FactsColumn extends JsonColumn<Facts> {
        FactsColumn() {
            super(new TypeReference<>() {});
        }
    }

    @Converter
    static class ProblemsColumn extends JsonColumn<List<Problem>> {
        ProblemsColumn() {
            super(new TypeReference<>() {});
        }
    }
}
