package org.ledgerlamp.server.imports;

/** What has become of a file of an import. */
enum ItemState {
    WAITING,
    /** A transcript or raw notes: placed at its meeting, and to be drafted. */
    PLACED,
    /** Old minutes: filed as they stand. */
    FILED,
    /** Drafted, and waits for review. */
    DRAFTED,
    /** The ledger has it already. */
    KNOWN,
    /** Could not be read, or told no date; what could be kept is kept. */
    FAILED
}
