package org.ledgerlamp.core.ledger;

/**
 * A passage of a filed source.
 *
 * @param n its number within the source, counted from 0 without gaps
 * @param speaker full name of who said it; where nobody is known by the name, as the source writes it; or null
 * @param text the words
 */
public record Said(int n, String speaker, String text) {}
