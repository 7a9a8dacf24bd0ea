package org.ledgerlamp.core.wording;

/**
 * A finding put into words.
 *
 * @param text as it will be read
 * @param form how its words came about
 */
public record Worded(String text, Form form) {
    /** How a line's words came about. */
    public enum Form {
        /** Third person, every reference filled. */
        WORDED,
        /** The speaker's own words, fillers out, under what they are about. */
        QUOTED,
        /** Neither could be done safely: the words as said, for the margin alone. */
        AS_SAID
    }
}
