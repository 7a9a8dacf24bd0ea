package org.ledgerlamp.core.lamp;

import java.util.Optional;
import org.ledgerlamp.core.ledger.FiledLine;
import org.ledgerlamp.core.reading.Kind;

/**
 * A sentence that may answer a question.
 *
 * @param score how well; comparable among sentences of one question only
 * @param covered share of the subject that is spoken of around it, 0 to 1
 */
record Found(TalkLens lens, TalkLens.Spoken sentence, double score, double covered) {
    LampMeeting meeting() {
        return lens.meeting();
    }

    String speaker() {
        return lens.said(sentence.passage()).speaker();
    }

    /** Whether another sentence was said in the same meeting, at most so many passages away. */
    boolean isNear(Found other, int reach) {
        return meeting().id().equals(other.meeting().id())
                && Math.abs(sentence.passage() - other.sentence().passage()) <= reach;
    }

    /** The line of a kind that rests on the passage first. */
    Optional<FiledLine> line(Kind kind) {
        return meeting().filed().lines().stream()
                .filter(l -> l.kind() == kind && l.passage() == sentence.passage())
                .findFirst();
    }
}
