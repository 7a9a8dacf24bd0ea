package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.ledgerlamp.core.source.Source;

/**
 * A sentence with all that {@link SentenceClassifier} weighs.
 *
 * @param utterance number of the utterance it stands in
 * @param text as said
 * @param features see {@link Features}
 */
public record FeaturedSentence(int utterance, String text, Map<String, Double> features) {
    /**
     * The sentences of {@code source} in order, as said or noted in {@code meeting}.
     *
     * @param context how a {@link ContextReader} reads each
     */
    public static List<FeaturedSentence> of(Source source, MeetingFacts meeting, List<InContext> context) {
        Talk talk = new Talk(source, meeting);
        return of(talk, Claims.of(talk), context);
    }

    static List<FeaturedSentence> of(Talk talk, List<Finding> claims, List<InContext> context) {
        List<Map<String, Double>> features = Features.of(talk, claims, context);
        List<FeaturedSentence> sentences = new ArrayList<>();
        for (Sentence s : talk.sentences()) {
            sentences.add(new FeaturedSentence(s.utterance(), s.text(), features.get(s.index())));
        }
        return sentences;
    }
}
