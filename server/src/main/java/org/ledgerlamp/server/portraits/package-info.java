/** One person, or one series, seen across the ledger: who was there, what was promised and kept, what is open. */
package org.ledgerlamp.server.portraits;
