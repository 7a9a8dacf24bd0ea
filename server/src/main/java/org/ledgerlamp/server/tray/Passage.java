package org.ledgerlamp.server.tray;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.search.engine.backend.types.Aggregable;
import org.hibernate.search.engine.backend.types.Highlightable;
import org.hibernate.search.engine.backend.types.Projectable;
import org.hibernate.search.engine.backend.types.Sortable;
import org.hibernate.search.mapper.pojo.bridge.mapping.annotation.ValueBridgeRef;
import org.hibernate.search.mapper.pojo.mapping.definition.annotation.FullTextField;
import org.hibernate.search.mapper.pojo.mapping.definition.annotation.GenericField;
import org.hibernate.search.mapper.pojo.mapping.definition.annotation.Indexed;
import org.hibernate.search.mapper.pojo.mapping.definition.annotation.KeywordField;
import org.ledgerlamp.core.source.Mark;
import org.ledgerlamp.core.source.NoteLine;
import org.ledgerlamp.core.source.Utterance;
import org.ledgerlamp.server.common.PlaceOf;
import org.ledgerlamp.server.common.TeamOwned;

/** One utterance or note line of a source: what is read on the left page, and what is searched. */
@Entity
@Indexed
public class Passage extends TeamOwned {
    @Column(name = "source_id", updatable = false)
    @GenericField(projectable = Projectable.YES)
    @KeywordField(
            name = "place",
            aggregable = Aggregable.YES,
            valueBridge = @ValueBridgeRef(type = PlaceOf.Source.class))
    private UUID sourceId;

    @GenericField(projectable = Projectable.YES)
    private int n;

    @GenericField(aggregable = Aggregable.YES)
    private String speaker;

    @Column(name = "start_ms")
    private Integer startMs;

    @Column(name = "end_ms")
    private Integer endMs;

    /** Of notes: the number of the line in its file, from 1; unknown of those read before it was kept. */
    private Integer line;

    private int indent;
    private boolean heading;
    private String mark;

    @Column(columnDefinition = "longtext")
    @FullTextField(analyzer = "talk", highlightable = Highlightable.UNIFIED, projectable = Projectable.YES)
    private String text;

    @GenericField(projectable = Projectable.YES, sortable = Sortable.YES, aggregable = Aggregable.YES)
    private Integer folio;

    protected Passage() {}

    /** The utterance it was made of. */
    Utterance utterance() {
        return new Utterance(n, speaker, duration(startMs), duration(endMs), text);
    }

    /** The line of notes it was made of. */
    NoteLine noteLine() {
        return new NoteLine(
                n,
                line == null ? n + 1 : line,
                indent,
                heading,
                Optional.ofNullable(mark).map(Mark::valueOf),
                text);
    }

    private static Duration duration(Integer millis) {
        return millis == null ? null : Duration.ofMillis(millis);
    }

    void fileUnder(Integer number) {
        folio = number;
    }

    public UUID sourceId() {
        return sourceId;
    }

    public int n() {
        return n;
    }

    public String speaker() {
        return speaker;
    }

    public Integer startMs() {
        return startMs;
    }

    public int indent() {
        return indent;
    }

    public boolean isHeading() {
        return heading;
    }

    public String mark() {
        return mark;
    }

    public String text() {
        return text;
    }

    public Integer folio() {
        return folio;
    }
}
