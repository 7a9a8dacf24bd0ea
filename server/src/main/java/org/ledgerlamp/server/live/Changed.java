package org.ledgerlamp.server.live;

import java.util.UUID;

/**
 * Something that everybody who looks at a meeting is to see at once. Published within a transaction, it is told once that
 * is committed.
 *
 * @param meetingId the meeting
 * @param what the name of the event
 * @param told what to tell, as JSON
 */
public record Changed(UUID meetingId, String what, Object told) {}
