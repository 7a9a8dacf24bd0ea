package org.ledgerlamp.core.reading;

/**
 * A question asked of a meeting.
 *
 * @param question in plain words
 * @param most the most passages wanted in answer
 */
public record Asked(String question, int most) {}
