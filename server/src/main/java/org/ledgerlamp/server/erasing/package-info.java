/** Deletes folios for good: their words, what they were drawn from, and everything that quotes them. */
package org.ledgerlamp.server.erasing;
