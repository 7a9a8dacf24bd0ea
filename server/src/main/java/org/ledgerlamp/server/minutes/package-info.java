/** Minutes: drafted from a meeting's sources, corrected line by line in pencil and ink, and filed as a folio. */
package org.ledgerlamp.server.minutes;
