/** Calendars that meetings come from: iCalendar feeds and CalDAV collections (RFC 5545, RFC 4791), followed in the background. */
package org.ledgerlamp.server.calendar;
