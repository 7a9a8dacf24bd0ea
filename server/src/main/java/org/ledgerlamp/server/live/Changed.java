package org.ledgerlamp.server.live;

import java.util.UUID;

/**
 * Something that browsers are to see at once. Published within a transaction, it is told once that is committed.
 *
 * @param about the meeting, the team or the member that it is about: it is told to those who listen there
 * @param what the name of the event
 * @param told what to tell, as JSON
 */
public record Changed(UUID about, String what, Object told) {}
