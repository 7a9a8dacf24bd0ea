package org.ledgerlamp.server.registers;

/** How an entry of a register stands. */
public enum EntryStanding {
    /** Still to be done, to be answered, or to be watched. */
    OPEN(true),
    /** Done, answered, or over. */
    DONE(false),
    /** Not to be done any more. */
    DROPPED(false),
    /** Recorded anew in a later folio, where it goes on. */
    CONTINUED(false),
    /** A decision that holds. */
    STANDS(true),
    /** A decision that a later one changed. */
    CHANGED(false),
    /** A decision that was withdrawn. */
    WITHDRAWN(false);

    private final boolean open;

    EntryStanding(boolean open) {
        this.open = open;
    }

    /** Whether it still counts: something is open, or holds. */
    public boolean isOpen() {
        return open;
    }
}
