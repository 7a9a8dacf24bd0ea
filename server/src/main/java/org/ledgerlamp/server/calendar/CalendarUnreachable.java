package org.ledgerlamp.server.calendar;

/** A calendar that did not answer as one does; the message says what it did instead. */
class CalendarUnreachable extends Exception {
    private static final long serialVersionUID = 1L;

    CalendarUnreachable(String message) {
        super(message);
    }

    CalendarUnreachable(String message, Throwable cause) {
        super(message, cause);
    }
}
