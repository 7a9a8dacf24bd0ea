package org.ledgerlamp.server.minutes;

import java.util.UUID;

/** Minutes of a meeting were sent out; {@code text} is what they say. */
public record Circulated(UUID teamId, UUID meetingId, String text) {}
