package org.ledgerlamp.core.ledger;

/**
 * What a decision does to an earlier one.
 *
 * @param earlier the decision as it stood
 * @param later the line that records the later one
 * @param meeting id of the meeting that took the later one
 * @param effect what the later one does to it
 * @param strength how plainly: {@link DecisionFollower#LEAST} and more
 */
public record DecisionLink(StandingDecision earlier, FiledLine later, String meeting, Effect effect, double strength) {
    /** What a decision does to an earlier one. */
    public enum Effect {
        /** Something else is to hold from now on. */
        CHANGES,
        /** Nothing is to hold from now on. */
        WITHDRAWS,
        /** It is to hold as before. */
        CONFIRMS
    }
}
