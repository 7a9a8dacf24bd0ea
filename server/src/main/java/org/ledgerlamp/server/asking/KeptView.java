package org.ledgerlamp.server.asking;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A kept question.
 *
 * @param asked as it was asked, with its reading where somebody changed that, and the part of the ledger it is asked of
 * @param answered whether the ledger said it then
 * @param askedOn the day of the answer that is kept
 * @param keptBy name of the member who kept it
 */
record KeptView(
        UUID id, int version, LampQuestion asked, boolean answered, LocalDate askedOn, String keptBy, Instant keptAt) {

    /**
     * A kept question asked again.
     *
     * @param kept as it is kept
     * @param answer what the ledger says now
     * @param novelties of each statement of the answer how it stands to what is kept, in their order
     * @param gone what is kept and said no longer
     */
    record AskedAgain(KeptView kept, LampAnswer answer, List<Novelty> novelties, List<AnswerStatement> gone) {}

    /**
     * How a statement stands to the one that is kept.
     *
     * @param news what it is
     * @param was the statement as it is kept, where it is told otherwise now; else null
     */
    record Novelty(News news, @Nullable AnswerStatement was) {}

    /** Whether there is news in a statement. */
    enum News {
        SAME,
        CHANGED,
        NEW
    }
}
