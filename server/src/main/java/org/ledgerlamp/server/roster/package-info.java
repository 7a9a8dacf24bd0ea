/** The people a team knows. */
package org.ledgerlamp.server.roster;
