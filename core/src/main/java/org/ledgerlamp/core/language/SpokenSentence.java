package org.ledgerlamp.core.language;

/**
 * A sentence as a reader in context sees it.
 *
 * @param speaker first name of the one who begins to speak with it; empty where the same voice goes on or nobody is named
 * @param text the words, without fillers
 */
public record SpokenSentence(String speaker, String text) {}
