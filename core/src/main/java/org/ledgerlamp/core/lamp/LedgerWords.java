package org.ledgerlamp.core.lamp;

import java.util.Set;

/** The words of a ledger. */
public interface LedgerWords {
    /** How much a stem tells about what is spoken of, 0.1 to 6.7. */
    double weight(String stem);

    /** How many passages hold a stem. */
    int passagesWith(String stem);

    /** The stem that is meant: the same where the ledger holds it, else one that differs by a slip of the fingers. */
    String meant(String stem);

    /** The stems the ledger holds of the same family as one, and that one itself. */
    Set<String> family(String stem);
}
