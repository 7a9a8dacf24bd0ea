package org.ledgerlamp.server.minutes;

import java.util.UUID;

/**
 * Something about a line of a folio changed. Published within the transaction.
 *
 * @param amended whether the line itself was; otherwise what is done about it or said of it
 */
public record LineOfRecord(UUID teamId, UUID lineId, boolean amended) {}
