/** The day sheet: a day's meetings, and what waits for the lead. */
package org.ledgerlamp.server.day;
