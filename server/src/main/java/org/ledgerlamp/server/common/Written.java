package org.ledgerlamp.server.common;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Words were written that may cite lines of the ledger. Published within the transaction that keeps them.
 *
 * @param home the meeting or the reference note that they belong to
 * @param place what kind of words they are
 * @param id the row that holds them
 * @param memberId the one member who may read them, or null for the whole team
 */
public record Written(UUID teamId, UUID home, Place place, UUID id, @Nullable UUID memberId, String text) {
    /** Where words are written. */
    public enum Place {
        LINE,
        REMARK,
        MARGIN,
        NOTE
    }
}
