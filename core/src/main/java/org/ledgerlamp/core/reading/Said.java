package org.ledgerlamp.core.reading;

import org.ledgerlamp.core.people.Person;

/**
 * A sentence of the source.
 *
 * @param utterance number of the utterance it stands in
 * @param start first character within the utterance
 * @param text as said
 * @param speaker who said it, or null where unknown
 */
public record Said(int utterance, int start, String text, Person speaker) {}
