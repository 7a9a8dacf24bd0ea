/** Guests: let into single folios or series of a team, to read or to write, and into nothing else of it. */
package org.ledgerlamp.server.guests;
