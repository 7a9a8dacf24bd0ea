package org.ledgerlamp.core.exchange;

import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.io.TimezoneAssignment;
import biweekly.property.DateEnd;
import biweekly.property.DateStart;
import biweekly.property.ExceptionDates;
import biweekly.property.ExceptionRule;
import biweekly.property.RecurrenceDates;
import biweekly.property.RecurrenceId;
import biweekly.property.RecurrenceRule;
import java.time.Instant;
import java.util.Date;

/** One occurrence of a series as an event of its own (RFC 5545, RECURRENCE-ID). */
final class Occurrence {
    private Occurrence() {}

    /** The event that stands for an occurrence; where none does yet, one like the series, added to the calendar. */
    static VEvent of(ICalendar calendar, VEvent series, Instant begins) {
        return calendar.getEvents().stream()
                .filter(e -> e.getRecurrenceId() != null
                        && series.getUid().getValue().equals(e.getUid().getValue())
                        && begins.equals(e.getRecurrenceId().getValue().toInstant()))
                .findFirst()
                .orElseGet(() -> apart(calendar, series, begins));
    }

    private static VEvent apart(ICalendar calendar, VEvent series, Instant begins) {
        VEvent one = new VEvent(series);
        one.removeProperties(RecurrenceRule.class);
        one.removeProperties(ExceptionRule.class);
        one.removeProperties(ExceptionDates.class);
        one.removeProperties(RecurrenceDates.class);
        boolean timed = series.getDateStart().getValue().hasTime();
        TimezoneAssignment zone = calendar.getTimezoneInfo().getTimezone(series.getDateStart());
        DateStart start = new DateStart(Date.from(begins), timed);
        RecurrenceId id = new RecurrenceId(Date.from(begins), timed);
        one.setDateStart(start);
        one.setRecurrenceId(id);
        calendar.getTimezoneInfo().setTimezone(start, zone);
        calendar.getTimezoneInfo().setTimezone(id, zone);
        if (series.getDateEnd() != null) {
            long lasts = series.getDateEnd().getValue().getTime()
                    - series.getDateStart().getValue().getTime();
            DateEnd end = new DateEnd(Date.from(begins.plusMillis(lasts)), timed);
            one.setDateEnd(end);
            calendar.getTimezoneInfo().setTimezone(end, zone);
        }
        calendar.addEvent(one);
        return one;
    }
}
