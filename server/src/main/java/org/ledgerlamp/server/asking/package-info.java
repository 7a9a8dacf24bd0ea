/** Asking: questions answered from the team's ledger, kept, asked again and exported. */
package org.ledgerlamp.server.asking;
