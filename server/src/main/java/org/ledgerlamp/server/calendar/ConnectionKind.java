package org.ledgerlamp.server.calendar;

/** How a calendar is read. */
enum ConnectionKind {
    /** One iCalendar file at an address. */
    FEED,
    /** A CalDAV collection. */
    CALDAV,
    /** No calendar: invitations that a member dropped as files. */
    DROPPED
}
