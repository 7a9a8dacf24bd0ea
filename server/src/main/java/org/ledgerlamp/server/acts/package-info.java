/** What people do about a line of record once it is filed: tick it, carry it on, date it anew, drop it. */
package org.ledgerlamp.server.acts;
