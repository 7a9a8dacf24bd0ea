/**
 * Who cites which line of the ledger: a number such as 27.3 in minutes, remarks, private margins and reference notes leads to
 * that line, whatever its number becomes.
 */
package org.ledgerlamp.server.citations;
