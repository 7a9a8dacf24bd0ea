package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.ledgerlamp.core.language.Progress;
import org.ledgerlamp.core.language.SentenceVectors;
import org.ledgerlamp.core.source.Source;

/**
 * A sentence with all that {@link SentenceClassifier} weighs.
 *
 * @param utterance number of the utterance it stands in
 * @param text as said
 * @param features see {@link Features}
 * @param embedding see {@link SentenceVectors}
 */
public record FeaturedSentence(int utterance, String text, Map<String, Double> features, float[] embedding) {
    /**
     * The sentences of {@code source} in order, as said or noted in {@code meeting}.
     *
     * @param context what {@link ContextClassifier} says of each
     */
    public static List<FeaturedSentence> of(Source source, MeetingFacts meeting, double[][] context) {
        Talk talk = new Talk(source, meeting);
        return of(talk, Claims.of(talk), context, Progress.UNWATCHED);
    }

    static List<FeaturedSentence> of(Talk talk, List<Finding> claims, double[][] context, Progress progress) {
        float[][] embeddings = SentenceVectors.shared()
                .of(talk.sentences().stream().map(Sentence::plain).toList(), progress);
        List<Map<String, Double>> features = Features.of(talk, claims, context, embeddings);
        List<FeaturedSentence> sentences = new ArrayList<>();
        for (Sentence s : talk.sentences()) {
            sentences.add(
                    new FeaturedSentence(s.utterance(), s.text(), features.get(s.index()), embeddings[s.index()]));
        }
        return sentences;
    }
}
