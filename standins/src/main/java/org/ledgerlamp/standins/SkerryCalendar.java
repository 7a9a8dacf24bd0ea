package org.ledgerlamp.standins;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAdjusters;
import java.util.List;

/** The calendar of the Skerry Line's head of electrification, around the day it is made. Everything in it is made up. */
public final class SkerryCalendar {
    private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("yyyyMMdd'T'HHmmss");
    private static final String OSLO = "Europe/Oslo";

    private SkerryCalendar() {}

    /** Puts the demo's meetings into a calendar. */
    public static void fill(CalendarPartner calendar, LocalDate today) {
        LocalDate monday = today.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
        LocalDate tuesday = monday.plusDays(1);
        LocalTime half = LocalTime.of(9, 30);
        calendar.put(
                "berth-weekly.ics",
                file(
                        event("berth-weekly", "Charging berth weekly", tuesday.minusWeeks(5), half, OSLO, 45)
                                + "RRULE:FREQ=WEEKLY\r\n"
                                + "EXDATE;TZID=" + OSLO + ":"
                                + STAMP.format(tuesday.plusWeeks(3).atTime(half)) + "\r\n"
                                + rest(
                                        "Boat hall",
                                        "Agenda:\\n1. Transformer house at Holm (15 min)\\n2. Crew (10 min)\\n3. Winter timetable (10 min)\\n4. Any other business",
                                        CREW),
                        // This week's was moved to today.
                        event("berth-weekly", "Charging berth weekly", today, half, OSLO, 45)
                                + "RECURRENCE-ID;TZID=" + OSLO + ":" + STAMP.format(tuesday.atTime(half)) + "\r\n"
                                + rest("Boat hall", "Moved to Friday because of the inspector.", CREW)));
        calendar.put(
                "steering.ics",
                file(event("steering", "Steering group", today, LocalTime.of(14, 0), OSLO, 60)
                        + rest(
                                "Harbour office",
                                "Coffee is there.",
                                CREW + guest("Elin Strand", "elin@county.example"))));
        calendar.put(
                "one-to-one.ics",
                file(event(
                                "one-to-one",
                                "One-to-one: Joss Lindqvist",
                                monday.plusDays(3),
                                LocalTime.of(10, 45),
                                OSLO,
                                30)
                        + "RRULE:FREQ=WEEKLY;INTERVAL=2\r\n"
                        + rest("Quay café", null, guest("Joss Lindqvist", "joss@skerry.example"))));
        calendar.put(
                "yard.ics",
                file(event("yard", "Yard call: Gannet", monday.plusDays(7), LocalTime.of(13, 0), "Europe/Lisbon", 30)
                        + "URL:https://call.skerry.example/yard\r\n"
                        + rest(
                                null,
                                "To go through:\\n- stern tube\\n- slot in February\\n- who signs the paint",
                                guest("Nils Farrow", "nils@brae-yard.example"))));
        calendar.put(
                "norrvik.ics",
                file(event("norrvik", "Norrvik supplier call", monday.plusDays(9), LocalTime.of(11, 0), OSLO, 45)
                        + "URL:https://call.skerry.example/norrvik\r\n"
                        + rest(
                                null,
                                "Agenda: coating; lifting; spare module",
                                guest("Hedda Krag", "hedda@norrvik.example")
                                        + guest("Rafe Okonjo", "rafe@norrvik.example"))));
        calendar.put(
                "drill.ics",
                file(event("drill", "Evacuation drill, Tern", monday.plusDays(8), LocalTime.of(15, 0), OSLO, 90)
                        + "STATUS:CANCELLED\r\n"
                        + rest("Skarness quay", null, guest("Leena Aho", "leena@skerry.example"))));
    }

    private static final String CREW = String.join(
            "",
            List.of(
                    guest("Tom Reyes", "tom@skerry.example"),
                    guest("Ana Prokop", "ana@skerry.example"),
                    guest("Joss Lindqvist", "joss@skerry.example"),
                    guest("Sunniva Dahl", "sunniva@skerry.example")));

    private static String file(String... events) {
        StringBuilder file = new StringBuilder("BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Skerry Line//EN\r\n");
        for (String event : events) {
            file.append(event);
        }
        return file.append("END:VCALENDAR\r\n").toString();
    }

    private static String event(String uid, String title, LocalDate day, LocalTime start, String zone, int minutes) {
        return "BEGIN:VEVENT\r\nUID:" + uid + "@skerry.example\r\nDTSTAMP:20260101T000000Z\r\nSUMMARY:" + title
                + "\r\nDTSTART;TZID=" + zone + ":" + STAMP.format(day.atTime(start))
                + "\r\nDURATION:PT" + minutes + "M\r\n"
                + "ORGANIZER;CN=Mira Voss:mailto:mira@skerry.example\r\n";
    }

    private static String rest(String place, String description, String guests) {
        return (place == null ? "" : "LOCATION:" + place + "\r\n")
                + (description == null ? "" : "DESCRIPTION:" + description + "\r\n") + guests + "END:VEVENT\r\n";
    }

    private static String guest(String name, String address) {
        return "ATTENDEE;CN=" + name + ";PARTSTAT=ACCEPTED:mailto:" + address + "\r\n";
    }
}
