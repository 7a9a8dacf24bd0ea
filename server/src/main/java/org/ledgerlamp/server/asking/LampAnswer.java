package org.ledgerlamp.server.asking;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the ledger says.
 *
 * @param answered whether it says it
 * @param statements what it says; else the nearest passages
 * @param notSaid the one of two questions asked in one breath that it does not answer, in its words, or null
 */
record LampAnswer(
        String question,
        QuestionReading reading,
        boolean answered,
        List<AnswerStatement> statements,
        @Nullable String notSaid) {}
