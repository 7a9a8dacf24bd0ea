package org.ledgerlamp.server.ledger;

/** What a card of the ledger stands for. */
public enum CardSort {
    MINUTES,
    NOTE
}
