/**
 * What hangs together across filed meetings: which action is spoken of again and what became of it, which decision changes
 * which.
 *
 * <p>The walk: a {@link org.ledgerlamp.core.ledger.FiledMeeting} is what was said and what was recorded of it. Each line has
 * a {@link org.ledgerlamp.core.ledger.Subject}, the words it is about, weighed by a
 * {@link org.ledgerlamp.core.ledger.Vocabulary} that knows how rare they are in this ledger. A
 * {@link org.ledgerlamp.core.ledger.RecallFinder} looks for what is open in what was said later; an
 * {@link org.ledgerlamp.core.ledger.OutcomeReader} reads what was said of it. {@link org.ledgerlamp.core.ledger.LedgerWalk}
 * does so meeting by meeting.
 */
package org.ledgerlamp.core.ledger;
