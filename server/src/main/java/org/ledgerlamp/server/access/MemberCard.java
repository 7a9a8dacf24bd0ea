package org.ledgerlamp.server.access;

import java.util.UUID;

/** Who a member is, and where mail reaches them. */
public record MemberCard(UUID id, String name, String email) {}
