package org.ledgerlamp.core.ledger;

import java.time.LocalDate;
import org.ledgerlamp.core.language.Span;
import org.ledgerlamp.core.reading.Kind;

/**
 * A place where a later meeting speaks of an action.
 *
 * @param action what is spoken of
 * @param passage number of the passage
 * @param sentence the sentence of that passage
 * @param quote the words of the sentence
 * @param answered whether what became of it was said in answer, in the passage that follows
 * @param strength how plainly it is the same one: 0 and more, {@link RecallFinder#LEAST} and more where it is taken for it
 * @param outcome what was said of it
 * @param due the day it slipped to, or null
 * @param owner full name of who has it from now on, or null where that did not change
 */
public record Recall(
        OpenAction action,
        int passage,
        Span sentence,
        String quote,
        boolean answered,
        double strength,
        Outcome outcome,
        LocalDate due,
        String owner) {
    private static final int BESIDE = 1;

    /** Whether a line of the later meeting records the same action anew: it rests on the same talk and is the same person's. */
    public boolean isSaidAgainBy(FiledLine line) {
        String first = action.line().owner();
        return line.kind() == Kind.ACTION
                && line.passage() >= 0
                && Math.abs(line.passage() - passage) <= BESIDE
                && (line.owner() == null || first == null || line.owner().equals(first));
    }
}
