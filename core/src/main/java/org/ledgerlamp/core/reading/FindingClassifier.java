package org.ledgerlamp.core.reading;

import java.util.List;

/**
 * Says how likely a finding as a whole is what its kind says, and would be a line of the minutes: one logistic regression a
 * kind over {@link FindingFeatures}. {@link SentenceClassifier} sees single sentences; what is likelier right beside, who
 * stands behind it and whether the talk comes back to it only the finding shows.
 */
final class FindingClassifier {
    /** Some five minutes: a shorter talk shows too little around what is said plainly. */
    static final int SHORT_TALK = 60;

    private final Weights weights;
    private final boolean shortTalk;

    /**
     * @param weights of the features
     * @param sentences how many the talk has
     */
    FindingClassifier(Weights weights, int sentences) {
        this.weights = weights;
        this.shortTalk = sentences < SHORT_TALK;
    }

    /**
     * The findings that are worth offering at least, in the same order, as certain as they are judged; what a mark or label
     * says stays as it was.
     */
    List<Finding> judged(List<FeaturedFinding> findings) {
        return findings.stream()
                .map(this::judged)
                .filter(f -> f.certainty() >= Thresholds.possible(f.kind()))
                .toList();
    }

    private Finding judged(FeaturedFinding featured) {
        Finding finding = featured.finding();
        return finding.kind() == Kind.POINT || finding.certainty() >= NotesFinder.MARKED
                ? finding
                : finding.asCertainAs(
                        featured.left() * Math.max(weights.probability(featured), leastForItsRule(featured)));
    }

    /** What a rule claims is offered at least; what it is sure of is drafted in a short talk. */
    private double leastForItsRule(FeaturedFinding featured) {
        Kind kind = featured.finding().kind();
        if (shortTalk && featured.claimed() >= Thresholds.sure(kind)) {
            return Thresholds.drafting(kind);
        }
        return featured.claimed() >= Thresholds.WORTH_OFFERING ? Thresholds.possible(kind) : 0;
    }
}
