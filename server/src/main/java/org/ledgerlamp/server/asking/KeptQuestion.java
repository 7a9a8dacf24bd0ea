package org.ledgerlamp.server.asking;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Converter;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.ledgerlamp.core.lamp.Answer;
import org.ledgerlamp.core.lamp.Statement;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.JsonColumn;
import org.ledgerlamp.server.common.Versioned;
import tools.jackson.core.type.TypeReference;

/** A question that is kept with what the ledger said to it, so that it can be asked again. */
@Entity
class KeptQuestion extends Versioned {
    @Column(name = "member_id", updatable = false)
    private UUID memberId;

    @Convert(converter = AskedColumn.class)
    @Column(columnDefinition = "longtext", updatable = false)
    private LampQuestion asked;

    private boolean answered;

    @Convert(converter = StatementsColumn.class)
    @Column(columnDefinition = "longtext")
    private List<Statement> statements;

    @Column(name = "asked_on")
    private LocalDate askedOn;

    @Column(name = "kept_at")
    private Instant keptAt;

    protected KeptQuestion() {}

    KeptQuestion(SignedIn who, LampQuestion asked, Answer answer, Instant now) {
        super(who.teamId());
        this.memberId = who.memberId();
        this.asked = asked;
        keep(answer, now);
    }

    /** Keeps another answer in place of the one before. */
    void keep(Answer answer, Instant now) {
        answered = answer.answered();
        statements = answer.statements();
        askedOn = answer.askedOn();
        keptAt = now;
    }

    UUID memberId() {
        return memberId;
    }

    LampQuestion asked() {
        return asked;
    }

    /** Whether the ledger said it. */
    boolean isAnswered() {
        return answered;
    }

    List<Statement> statements() {
        return statements;
    }

    /** The day of the answer that is kept. */
    LocalDate askedOn() {
        return askedOn;
    }

    Instant keptAt() {
        return keptAt;
    }

    /** How questions are kept. */
    @Converter
    static class AskedColumn extends JsonColumn<LampQuestion> {
        AskedColumn() {
            super(new TypeReference<>() {});
        }
    }

    /** How statements are kept. */
    @Converter
    static class StatementsColumn extends JsonColumn<List<Statement>> {
        StatementsColumn() {
            super(new TypeReference<>() {});
        }
    }
}
