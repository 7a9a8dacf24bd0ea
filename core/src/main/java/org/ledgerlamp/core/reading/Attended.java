package org.ledgerlamp.core.reading;

/** Whether somebody was at a meeting, as far as anybody can tell. */
public enum Attended {
    /** Spoke, was greeted, or is listed. */
    PRESENT,
    /** Was expected and was not there. */
    ABSENT,
    /** Was invited; the source tells neither. */
    UNKNOWN;

    /** What is known where it is known. */
    public static Attended of(boolean there) {
        return there ? PRESENT : ABSENT;
    }
}
