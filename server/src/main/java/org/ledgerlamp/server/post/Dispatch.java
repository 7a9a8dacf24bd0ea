package org.ledgerlamp.server.post;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What is sent at once.
 *
 * @param sentBy the member who sends it; null where it is sent by itself
 */
public record Dispatch(UUID id, UUID teamId, LetterKind kind, @Nullable UUID meetingId, @Nullable UUID sentBy) {
    /** One that begins now. */
    public static Dispatch of(UUID teamId, LetterKind kind, @Nullable UUID meetingId, @Nullable UUID sentBy) {
        return new Dispatch(UUID.randomUUID(), teamId, kind, meetingId, sentBy);
    }
}
