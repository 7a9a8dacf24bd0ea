package org.ledgerlamp.server.minutes;

import java.util.UUID;

/** Who attended the meeting of a folio was corrected. Published within the transaction. */
public record AttendanceOfRecord(UUID teamId, UUID minutesId) {}
