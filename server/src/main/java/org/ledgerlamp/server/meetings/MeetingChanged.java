package org.ledgerlamp.server.meetings;

import java.util.UUID;

/**
 * What is known of a meeting was changed. Published within the transaction that does it.
 *
 * @param byMember whether a member did it; otherwise it follows its calendar
 */
public record MeetingChanged(UUID teamId, UUID meetingId, boolean byMember) {}
