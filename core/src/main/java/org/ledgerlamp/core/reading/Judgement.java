package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.List;

/**
 * Weighs what speaks for and against a finding. What speaks for it adds up as independent evidence does (the rest of
 * the doubt shrinks by each weight); what speaks against it scales the whole down.
 */
final class Judgement {
    private double doubt = 1;
    private double scale = 1;
    private final List<String> reasons = new ArrayList<>();

    /** @param weight share of the remaining doubt it takes away, 0 to 1 */
    Judgement favours(double weight, String reason) {
        doubt *= 1 - weight;
        reasons.add(reason);
        return this;
    }

    /** @param weight share of the certainty that it takes away, 0 to 1 */
    Judgement against(double weight, String reason) {
        scale *= 1 - weight;
        reasons.add("but " + reason);
        return this;
    }

    Judgement favours(RuleSet cues, String plain) {
        cues.match(plain).forEach(cue -> favours(cue.weight(), cue.rationale()));
        return this;
    }

    Judgement against(RuleSet cues, String plain) {
        cues.match(plain).forEach(cue -> against(cue.weight(), cue.rationale()));
        return this;
    }

    double certainty() {
        return Math.round((1 - doubt) * scale * 100) / 100.0;
    }

    List<String> reasons() {
        return reasons;
    }
}
