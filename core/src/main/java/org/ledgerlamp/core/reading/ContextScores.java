package org.ledgerlamp.core.reading;

import java.util.List;
import org.ledgerlamp.core.language.Progress;
import org.ledgerlamp.core.language.SpokenSentence;

/** Says of each sentence of a talk, read among its neighbours, how likely it carries each kind. */
@FunctionalInterface
public interface ContextScores {
    /**
     * For each sentence how likely it carries each kind or turns the talk, in the order of {@link Weights#COLUMNS}, each
     * between 0 and 1.
     */
    double[][] probabilities(List<SpokenSentence> talk, Progress progress);
}
