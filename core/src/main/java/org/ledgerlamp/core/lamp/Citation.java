package org.ledgerlamp.core.lamp;

/**
 * A place an answer rests on.
 *
 * @param meeting id of the meeting
 * @param line id of the line of record, or null where it rests on the talk alone
 * @param passage number of the passage, or -1 where the line rests on none
 * @param quote the words as they stand there
 */
public record Citation(String meeting, String line, int passage, String quote) {}
