package org.ledgerlamp.core.exchange;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.property.Transparency;
import biweekly.util.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Date;
import java.util.List;

/** Writes what is due as whole days of a calendar (RFC 5545, VEVENT), which every calendar shows. */
public final class DueDaysFile {
    private static final int HOURS_BETWEEN_READINGS = 1;

    private DueDaysFile() {}

    /**
     * Something that is due.
     *
     * @param uid what it is known by, the same at every reading
     * @param number under which it can be cited, such as {@code 27.3}
     * @param text the line
     * @param day it is due
     * @param recorded the day it was recorded
     * @param address where it stands
     */
    public record Due(String uid, String number, String text, LocalDate day, LocalDate recorded, String address) {}

    /** A calendar of whole days that block nobody's time. */
    public static String calendar(String name, List<Due> all) {
        ICalendar calendar = new ICalendar();
        calendar.setProductId("-//Ledger Lamp//EN");
        calendar.setName(name);
        calendar.setRefreshInterval(
                Duration.builder().hours(HOURS_BETWEEN_READINGS).build());
        for (Due due : all) {
            VEvent event = new VEvent();
            event.setUid(due.uid());
            event.setDateTimeStamp(dayOf(due.recorded()));
            event.setSummary(due.text());
            event.setDescription(due.number() + ", recorded " + due.recorded());
            event.setDateStart(dayOf(due.day()), false);
            event.setTransparency(Transparency.transparent());
            event.setUrl(due.address());
            calendar.addEvent(event);
        }
        return Biweekly.write(calendar).go();
    }

    private static Date dayOf(LocalDate day) {
        return Date.from(day.atStartOfDay(ZoneId.systemDefault()).toInstant());
    }
}
