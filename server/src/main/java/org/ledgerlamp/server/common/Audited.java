package org.ledgerlamp.server.common;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Something happened that belongs into the team's audit trail. It is published once it was done, and written before whoever
 * asked for it gets an answer.
 *
 * @param who the member's name, or what is known of somebody who is none
 * @param about what it was done to, in words
 */
public record Audited(UUID teamId, @Nullable UUID memberId, String who, AuditKind kind, String about) {}
