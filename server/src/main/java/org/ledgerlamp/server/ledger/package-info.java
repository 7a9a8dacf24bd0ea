/** The ledger: all folios, newest meeting first, by series and by person. */
package org.ledgerlamp.server.ledger;
