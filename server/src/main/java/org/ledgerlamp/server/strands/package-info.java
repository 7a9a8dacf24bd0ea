/** Strands: a subject followed through the ledger, with the figures said about it. */
package org.ledgerlamp.server.strands;
