package org.ledgerlamp.core.people;

/**
 * A person named in running text.
 *
 * @param person who is meant
 * @param start first character of the name in the text
 * @param end character after the name
 */
public record Mention(Person person, int start, int end) {}
