package org.ledgerlamp.server.acts;

/** What can be done about a line of record. */
public enum ActKind {
    /** It is done, or answered. */
    DONE(true),
    /** It is not to be done any more. */
    DROPPED(true),
    /** It was looked at and goes on. */
    CARRIED(false),
    /** It is due on another day. */
    RE_DATED(false),
    /** Somebody else has it. */
    HANDED_OVER(false),
    /** It is open after all. */
    REOPENED(false);

    private final boolean closes;

    ActKind(boolean closes) {
        this.closes = closes;
    }

    /** Whether the line is open no longer. */
    public boolean closes() {
        return closes;
    }
}
