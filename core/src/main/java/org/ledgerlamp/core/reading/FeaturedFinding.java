package org.ledgerlamp.core.reading;

import java.util.List;
import java.util.Map;
import org.ledgerlamp.core.source.Source;

/**
 * A finding with all that {@link FindingClassifier} weighs.
 *
 * @param finding as it was assembled; its certainty is how likely its carrying sentence is
 * @param features see {@link FindingFeatures}
 * @param claimed how sure the rules are of its sentence, 0 to 1
 * @param left what rules that speak against it leave of its certainty, 0 to 1
 */
public record FeaturedFinding(Finding finding, Map<String, Double> features, double claimed, double left) {
    /**
     * The findings of {@code source}, as said or noted in {@code meeting}.
     *
     * @param context how a {@link ContextReader} reads each sentence
     * @param weights by which sentences are judged
     */
    public static List<FeaturedFinding> of(
            Source source, MeetingFacts meeting, List<InContext> context, Weights weights) {
        Talk talk = new Talk(source, meeting);
        List<Finding> claims = Claims.of(talk);
        return of(talk, claims, context, weights.probabilities(FeaturedSentence.of(talk, claims, context)));
    }

    static List<FeaturedFinding> of(
            Talk talk, List<Finding> claims, List<InContext> context, double[][] probabilities) {
        List<Finding> findings = new FindingAssembler(talk, claims, probabilities).assemble();
        return new FindingFeatures(talk, claims, context, probabilities).of(findings);
    }
}
