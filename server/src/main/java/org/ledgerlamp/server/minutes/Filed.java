package org.ledgerlamp.server.minutes;

import java.util.UUID;

/**
 * Minutes were filed, or taken back from the ledger. Published within the transaction.
 *
 * @param filed whether they are a folio now
 */
public record Filed(UUID teamId, UUID minutesId, boolean filed) {}
