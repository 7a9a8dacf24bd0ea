package org.ledgerlamp.core.ledger;

/**
 * A word, or two that stand together, that tells what a folio is about.
 *
 * @param stem under which it is the same in every form
 * @param word as the folio writes it most often
 * @param weight how much it tells, above 0
 */
public record SubjectWord(String stem, String word, double weight) {}
