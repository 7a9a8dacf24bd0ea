package org.ledgerlamp.server.minutes;

/** How far a line is to be relied on. */
public enum LineState {
    /** Found by the program, but not sure enough to be drafted: offered until a person takes or dismisses it. */
    POSSIBLE,
    /** Drafted by the program, not looked at yet. */
    PENCIL,
    /** Confirmed or written by a person: the record. */
    INK,
    /** Thrown out by a person; kept so that it can be restored. */
    STRUCK
}
