package org.ledgerlamp.core.ledger;

/** What became of an action, as said in a later meeting. */
public enum Outcome {
    /** It is done. */
    DONE,
    /** Some of it is done. */
    PARTLY,
    /** It is not done yet, and is to be done later. */
    SLIPPED,
    /** Somebody else has it now. */
    HANDED_OVER,
    /** It is not to be done any more. */
    DROPPED,
    /** It was spoken of, and what became of it was not said. */
    SPOKEN_OF;

    /** Whether nothing is left to do. */
    public boolean ends() {
        return this == DONE || this == DROPPED;
    }
}
