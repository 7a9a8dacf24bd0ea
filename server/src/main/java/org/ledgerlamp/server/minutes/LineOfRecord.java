package org.ledgerlamp.server.minutes;

import java.util.UUID;

/** Something about a line of a folio changed: its words, or what was done about it. Published within the transaction. */
public record LineOfRecord(UUID teamId, UUID lineId) {}
