package org.ledgerlamp.server.minutes;

import java.util.List;
import java.util.UUID;

/** Says what the ledger says to a question, for the sections of a template that ask it. */
public interface LedgerSays {
    /** Statements, each with the numbers it rests on; none where the ledger does not say. */
    List<String> to(UUID teamId, String question);
}
