package org.ledgerlamp.core.reading;

import org.ledgerlamp.core.language.SentenceVectors;

/**
 * A sentence as it was read among its neighbours.
 *
 * @param probabilities how likely it carries each kind or turns the talk, in the order of {@link Weights#COLUMNS}, each
 *     between 0 and 1
 * @param meaning {@link SentenceVectors#SIZE} numbers that say where the talk is with it: near those of sentences on the
 *     same matter, and near those of its neighbours
 */
public record InContext(double[] probabilities, float[] meaning) {
    /** The same sentence, judged otherwise. */
    public InContext judged(double[] otherwise) {
        return new InContext(otherwise, meaning);
    }
}
