/** A member's private margin beside a meeting: notes that nobody else gets, in any way. */
package org.ledgerlamp.server.margin;
