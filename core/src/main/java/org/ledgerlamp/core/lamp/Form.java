package org.ledgerlamp.core.lamp;

/** The form an answer takes. */
public enum Form {
    SENTENCE,
    LIST,
    TABLE,
    /** How many there are, and which. */
    COUNT,
    YES_NO
}
