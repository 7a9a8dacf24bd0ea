/** Marks and abbreviations of a team's own. */
package org.ledgerlamp.server.shorthand;
