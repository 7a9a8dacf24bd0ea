/** Minutes written out, and meeting facts read in, in the formats the program exchanges with others. */
package org.ledgerlamp.core.exchange;
