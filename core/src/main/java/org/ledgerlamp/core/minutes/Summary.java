package org.ledgerlamp.core.minutes;

/**
 * A meeting in short, made from its lines alone.
 *
 * @param oneLine a single sentence
 * @param paragraph a few sentences; never blank
 */
public record Summary(String oneLine, String paragraph) {}
