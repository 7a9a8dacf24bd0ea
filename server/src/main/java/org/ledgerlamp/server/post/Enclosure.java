package org.ledgerlamp.server.post;

/**
 * A PDF file that goes along with letters.
 *
 * @param name with its ending
 */
public record Enclosure(String name, byte[] bytes) {}
