package org.ledgerlamp.server.minutes;

import java.util.UUID;

/**
 * A draft can be looked at.
 *
 * @param begunBy the member who had it drafted, or whose recorder did
 * @param asked whether that member is waiting for it
 */
public record DraftReady(UUID teamId, UUID meetingId, UUID minutesId, UUID begunBy, boolean asked) {}
