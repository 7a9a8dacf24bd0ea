package org.ledgerlamp.server.meetings;

import java.util.UUID;

/** A member changed what is known of a meeting. Published within the transaction that does it. */
public record MeetingChanged(UUID teamId, UUID meetingId) {}
