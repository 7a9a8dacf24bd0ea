package org.ledgerlamp.core.lamp;

/** The form an answer takes. */
public enum Form {
    SENTENCE,
    LIST,
    TABLE,
    YES_NO
}
