package org.ledgerlamp.server.references;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import java.util.UUID;
import org.hibernate.search.engine.backend.types.Aggregable;
import org.hibernate.search.engine.backend.types.Highlightable;
import org.hibernate.search.engine.backend.types.Projectable;
import org.hibernate.search.engine.backend.types.Sortable;
import org.hibernate.search.engine.backend.types.VectorSimilarity;
import org.hibernate.search.mapper.pojo.bridge.mapping.annotation.ValueBridgeRef;
import org.hibernate.search.mapper.pojo.mapping.definition.annotation.FullTextField;
import org.hibernate.search.mapper.pojo.mapping.definition.annotation.GenericField;
import org.hibernate.search.mapper.pojo.mapping.definition.annotation.Indexed;
import org.hibernate.search.mapper.pojo.mapping.definition.annotation.KeywordField;
import org.hibernate.search.mapper.pojo.mapping.definition.annotation.VectorField;
import org.ledgerlamp.core.language.SentenceVectors;
import org.ledgerlamp.core.source.DocumentText;
import org.ledgerlamp.server.common.MeaningBridge;
import org.ledgerlamp.server.common.PlaceOf;
import org.ledgerlamp.server.common.TeamOwned;
import org.ledgerlamp.server.common.Written;

/** A paragraph or heading of a reference note. */
@Entity
@Indexed
public class ReferenceLine extends TeamOwned {
    @Column(name = "note_id", updatable = false)
    @KeywordField(name = "place", aggregable = Aggregable.YES, valueBridge = @ValueBridgeRef(type = PlaceOf.Note.class))
    private UUID noteId;

    @Column(updatable = false)
    @GenericField(projectable = Projectable.YES)
    private int number;

    @Column(updatable = false)
    private boolean heading;

    @Column(columnDefinition = "longtext", updatable = false)
    @VectorField(
            name = "meaning",
            dimension = SentenceVectors.SIZE,
            vectorSimilarity = VectorSimilarity.COSINE,
            valueBridge = @ValueBridgeRef(type = MeaningBridge.class))
    @FullTextField(analyzer = "talk", highlightable = Highlightable.UNIFIED, projectable = Projectable.YES)
    private String text;

    @Column(updatable = false)
    @GenericField(projectable = Projectable.YES, sortable = Sortable.YES, aggregable = Aggregable.YES)
    private Integer folio;

    protected ReferenceLine() {}

    ReferenceLine(ReferenceNote of, int number, DocumentText.Paragraph paragraph) {
        super(of.teamId());
        this.noteId = of.id();
        this.number = number;
        this.heading = paragraph.heading();
        this.text = paragraph.text();
        this.folio = of.folio();
    }

    /** What it says, for those who look for citations in it. */
    Written written() {
        return new Written(teamId(), noteId, Written.Place.NOTE, id(), null, text);
    }

    public UUID noteId() {
        return noteId;
    }

    public int number() {
        return number;
    }

    public boolean isHeading() {
        return heading;
    }

    public String text() {
        return text;
    }

    /** The number of its note. */
    public int folio() {
        return folio;
    }
}
