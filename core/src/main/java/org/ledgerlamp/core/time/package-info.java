/** Dates as people say them, and the days they mean. */
package org.ledgerlamp.core.time;
