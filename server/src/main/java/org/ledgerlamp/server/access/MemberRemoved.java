package org.ledgerlamp.server.access;

import java.util.UUID;

/** Somebody is no member any more: whatever speaks or listens on their behalf ends. */
public record MemberRemoved(UUID teamId, UUID memberId) {}
