/** The lamp: finding every place in the ledger where something was said or recorded. */
package org.ledgerlamp.server.lamp;
