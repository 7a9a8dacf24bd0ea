package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.ledgerlamp.core.language.Progress;
import org.ledgerlamp.core.language.SentenceVectors;
import org.ledgerlamp.core.source.Source;

/**
 * A sentence with all that {@link Weights} weigh.
 *
 * @param utterance number of the utterance it stands in
 * @param text as said
 * @param traits see {@link Traits} and {@link Cohesion}
 * @param meaning see {@link SentenceVectors}
 */
public record Weighable(int utterance, String text, Map<String, Double> traits, float[] meaning) {
    /** The sentences of {@code source} in order, as said or noted in {@code meeting}. */
    public static List<Weighable> of(Source source, MeetingFacts meeting) {
        Talk talk = new Talk(source, meeting);
        return of(talk, Claims.of(talk), Progress.UNWATCHED);
    }

    static List<Weighable> of(Talk talk, List<Finding> claims, Progress progress) {
        List<Map<String, Double>> traits = Traits.of(talk, claims);
        float[][] meanings = SentenceVectors.shared()
                .of(talk.sentences().stream().map(Sentence::plain).toList(), progress);
        Cohesion.addTo(traits, talk, meanings);
        List<Weighable> sentences = new ArrayList<>();
        for (Sentence s : talk.sentences()) {
            sentences.add(new Weighable(s.utterance(), s.text(), traits.get(s.index()), meanings[s.index()]));
        }
        return sentences;
    }
}
