package org.ledgerlamp.server.links;

import org.ledgerlamp.core.ledger.DecisionLink;
import org.ledgerlamp.core.ledger.Outcome;

/** What later minutes say of a line of record. */
public enum LinkEffect {
    /** The action is done. */
    DONE,
    /** Some of the action is done. */
    PARTLY,
    /** The action is not done yet. */
    SLIPPED,
    /** Somebody else has the action. */
    HANDED_OVER,
    /** The action is not to be done any more. */
    DROPPED,
    /** The action was spoken of, and nothing said of how it stands. */
    SPOKEN_OF,
    /** Another decision holds instead. */
    CHANGES,
    /** The decision holds no longer. */
    WITHDRAWS,
    /** The decision holds as before. */
    CONFIRMS;

    static LinkEffect of(Outcome outcome) {
        return valueOf(outcome.name());
    }

    static LinkEffect of(DecisionLink.Effect effect) {
        return valueOf(effect.name());
    }
}
