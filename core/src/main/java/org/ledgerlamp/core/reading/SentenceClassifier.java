package org.ledgerlamp.core.reading;

import java.util.List;

/**
 * Says how likely each sentence carries each kind of finding: what rules and a model that reads windows of talk say of it and
 * of its neighbours are {@link Features}, and one logistic regression a kind weighs them (stacking, Wolpert 1992).
 */
public final class SentenceClassifier {
    private final ContextReader context;
    private final Weights weights;

    /**
     * @param context how sentences are judged among their neighbours
     * @param weights of the features
     */
    public SentenceClassifier(ContextReader context, Weights weights) {
        this.context = context;
        this.weights = weights;
    }

    private static final class Holder {
        private static final SentenceClassifier SHIPPED =
                new SentenceClassifier(ContextClassifier.shipped(), Weights.shipped());
    }

    /** The one that ships with the program; read once. */
    public static SentenceClassifier shipped() {
        return Holder.SHIPPED;
    }

    /** How sentences are judged among their neighbours. */
    ContextReader context() {
        return context;
    }

    /** Weights of the features. */
    public Weights weights() {
        return weights;
    }

    /** For each sentence how likely it carries each kind or turns the talk, in the order of {@link Weights#COLUMNS}. */
    public double[][] probabilities(List<FeaturedSentence> sentences) {
        return weights.probabilities(sentences);
    }
}
