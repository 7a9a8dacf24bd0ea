/**
 * Speaking with servers of others: where a team may be connected to, and exchanges that end in time and in size whatever
 * the other side does.
 */
package org.ledgerlamp.server.outgoing;
