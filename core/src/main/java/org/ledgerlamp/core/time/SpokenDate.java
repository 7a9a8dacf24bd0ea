package org.ledgerlamp.core.time;

import java.time.LocalDate;

/**
 * A date said in speech.
 *
 * @param start first character in the text it was found in
 * @param end character after the last
 * @param words the expression as said, with the preposition before it
 * @param date the day it means, or null where it cannot be told ("soon")
 */
public record SpokenDate(int start, int end, String words, LocalDate date) {}
