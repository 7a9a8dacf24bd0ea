package org.ledgerlamp.server.minutes;

import java.util.List;

/**
 * What the ledger says to the question of a section.
 *
 * @param section the section's heading
 * @param statements each with the numbers it rests on
 */
record EarlierAnswer(String section, List<String> statements) {}
