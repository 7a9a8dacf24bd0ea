package org.ledgerlamp.server.asking;

import java.util.List;

/**
 * What the ledger says.
 *
 * @param answered whether it says it
 * @param statements what it says; else the nearest passages
 */
record LampAnswer(String question, QuestionReading reading, boolean answered, List<AnswerStatement> statements) {}
