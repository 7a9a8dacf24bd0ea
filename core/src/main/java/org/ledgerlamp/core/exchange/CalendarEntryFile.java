package org.ledgerlamp.core.exchange;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.DaylightSavingsTime;
import biweekly.component.Observance;
import biweekly.component.StandardTime;
import biweekly.component.VEvent;
import biweekly.component.VTimezone;
import biweekly.io.TimezoneAssignment;
import biweekly.property.Attendee;
import biweekly.property.Categories;
import biweekly.property.DateStart;
import biweekly.property.DurationProperty;
import biweekly.property.Organizer;
import biweekly.property.Sequence;
import biweekly.property.Status;
import biweekly.property.Url;
import biweekly.util.DateTimeComponents;
import biweekly.util.Duration;
import biweekly.util.UtcOffset;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.time.zone.ZoneOffsetTransition;
import java.time.zone.ZoneRules;
import java.util.ArrayList;
import java.util.Date;
import java.util.List;
import java.util.TimeZone;
import org.ledgerlamp.core.people.Person;

/**
 * Writes a meeting into a calendar's file (RFC 5545). Whatever else stands in that file stays: reminders, what others
 * answered, properties that only another program knows.
 */
public final class CalendarEntryFile {
    private static final String MAKER = "-//Ledger Lamp//EN";

    private CalendarEntryFile() {}

    /**
     * What is written of a meeting.
     *
     * @param uid what the calendar calls it
     * @param title its summary
     * @param start when it begins, in its own zone
     * @param minutes how long it is to last, or null
     * @param organiser who invites; a file that names somebody keeps them
     * @param invited those invited but for the organiser; one without a mail address stands there by name
     * @param description the invitation's text, or null
     * @param location place, or null
     * @param link address of the call, or null
     * @param label its category, or null
     * @param cancelled whether it was called off
     */
    public record Entry(
            String uid,
            String title,
            ZonedDateTime start,
            Integer minutes,
            Person organiser,
            List<Person> invited,
            String description,
            String location,
            String link,
            String label,
            boolean cancelled) {
        public Entry {
            invited = List.copyOf(invited);
        }
    }

    /**
     * A file of the calendar with this meeting alone.
     *
     * @param now when it is written
     */
    public static byte[] begun(Entry entry, Instant now) {
        ICalendar calendar = new ICalendar();
        calendar.setProductId(MAKER);
        VEvent event = new VEvent();
        event.setUid(entry.uid());
        calendar.addEvent(event);
        return written(calendar, event, entry, now);
    }

    /**
     * A file as the calendar has it, changed as far as the meeting differs.
     *
     * @throws IllegalArgumentException where the file is no calendar, or has no such meeting
     */
    public static byte[] changed(byte[] file, Entry entry, Instant now) {
        ICalendar calendar = parsed(file);
        return written(calendar, meeting(calendar, entry.uid()), entry, now);
    }

    /**
     * A file as the calendar has it, with minutes below the meeting's own text. Of a series it is the one occurrence that
     * gets them.
     *
     * @param occurrence when the occurrence was to begin by the series' rule; null where the meeting is none
     * @throws IllegalArgumentException where the file is no calendar, or has no such meeting
     */
    public static byte[] withMinutes(byte[] file, String uid, Instant occurrence, String minutes, Instant now) {
        ICalendar calendar = parsed(file);
        VEvent meeting = meeting(calendar, uid);
        VEvent event = occurrence == null || meeting.getRecurrenceRule() == null
                ? meeting
                : Occurrence.of(calendar, meeting, occurrence);
        event.setDateTimeStamp(Date.from(now));
        event.setLastModified(Date.from(now));
        event.setSequence(nextOf(event.getSequence()));
        event.setDescription(EntryDescription.withMinutes(textOf(event), minutes));
        return Biweekly.write(calendar).go().getBytes(StandardCharsets.UTF_8);
    }

    private static String textOf(VEvent event) {
        return event.getDescription() == null ? null : event.getDescription().getValue();
    }

    private static ICalendar parsed(byte[] file) {
        ICalendar calendar =
                Biweekly.parse(new String(file, StandardCharsets.UTF_8)).first();
        if (calendar == null) {
            throw new IllegalArgumentException("line 1: expected BEGIN:VCALENDAR");
        }
        return calendar;
    }

    private static VEvent meeting(ICalendar calendar, String uid) {
        return calendar.getEvents().stream()
                .filter(e -> e.getRecurrenceId() == null
                        && e.getUid() != null
                        && uid.equals(e.getUid().getValue()))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("VEVENT: expected the meeting " + uid));
    }

    private static byte[] written(ICalendar calendar, VEvent event, Entry entry, Instant now) {
        event.setDateTimeStamp(Date.from(now));
        event.setLastModified(Date.from(now));
        event.setSequence(nextOf(event.getSequence()));
        event.setSummary(entry.title());
        event.setDescription(EntryDescription.withOwn(textOf(event), entry.description()));
        event.setLocation(entry.location());
        when(calendar, event, entry);
        link(event, entry.link());
        label(event, entry.label());
        people(event, entry);
        if (entry.cancelled()) {
            event.setStatus(Status.cancelled());
        } else if (event.getStatus() != null && event.getStatus().isCancelled()) {
            event.setStatus(Status.confirmed());
        }
        return Biweekly.write(calendar).go().getBytes(StandardCharsets.UTF_8);
    }

    private static int nextOf(Sequence sequence) {
        return sequence == null || sequence.getValue() == null ? 0 : sequence.getValue() + 1;
    }

    private static void when(ICalendar calendar, VEvent event, Entry entry) {
        DateStart start = new DateStart(Date.from(entry.start().toInstant()), true);
        event.setDateStart(start);
        ZoneId zone = entry.start().getZone();
        calendar.getTimezoneInfo()
                .setTimezone(
                        start, new TimezoneAssignment(TimeZone.getTimeZone(zone), definition(zone, entry.start())));
        event.removeProperties(biweekly.property.DateEnd.class);
        event.removeProperties(DurationProperty.class);
        if (entry.minutes() != null) {
            event.setDuration(Duration.builder().minutes(entry.minutes()).build());
        }
    }

    /** The part of a zone's rules that holds when the meeting begins: readers need no list of zones of their own. */
    private static VTimezone definition(ZoneId zone, ZonedDateTime start) {
        ZoneRules rules = zone.getRules();
        ZoneOffsetTransition last = rules.previousTransition(start.toInstant().plusSeconds(1));
        ZoneOffset before = last == null ? start.getOffset() : last.getOffsetBefore();
        LocalDateTime since = last == null ? LocalDateTime.of(1970, 1, 1, 0, 0) : last.getDateTimeBefore();
        Observance observance =
                rules.isDaylightSavings(start.toInstant()) ? new DaylightSavingsTime() : new StandardTime();
        observance.setDateStart(new DateTimeComponents(
                since.getYear(),
                since.getMonthValue(),
                since.getDayOfMonth(),
                since.getHour(),
                since.getMinute(),
                since.getSecond(),
                false));
        observance.setTimezoneOffsetFrom(offset(before));
        observance.setTimezoneOffsetTo(offset(start.getOffset()));
        VTimezone definition = new VTimezone(zone.getId());
        definition.addComponent(observance);
        return definition;
    }

    private static UtcOffset offset(ZoneOffset offset) {
        return new UtcOffset(offset.getTotalSeconds() * 1000L);
    }

    private static void link(VEvent event, String link) {
        boolean same = event.getConferences().stream()
                .anyMatch(c -> c.getUri() != null && c.getUri().equals(link));
        if (!same) {
            event.removeProperties(biweekly.property.Conference.class);
            event.removeProperties(Url.class);
            if (link != null) {
                event.setUrl(link);
            }
        }
    }

    /** The first category is ours to change; the others stay. */
    private static void label(VEvent event, String label) {
        List<String> others = new ArrayList<>();
        event.getCategories().forEach(c -> others.addAll(c.getValues()));
        if (!others.isEmpty()) {
            others.removeFirst();
        }
        others.remove(label);
        event.removeProperties(Categories.class);
        if (label != null) {
            others.addFirst(label);
        }
        if (!others.isEmpty()) {
            event.addCategories(new Categories(others));
        }
    }

    /** Whoever stays invited keeps what they answered; who declined stays too. */
    private static void people(VEvent event, Entry entry) {
        if (event.getOrganizer() == null && entry.organiser() != null) {
            event.setOrganizer(
                    new Organizer(entry.organiser().name(), entry.organiser().email()));
        }
        List<Attendee> before = List.copyOf(event.getAttendees());
        event.removeProperties(Attendee.class);
        before.stream()
                .filter(a -> declined(a) || entry.invited().stream().anyMatch(p -> isSame(a, p)))
                .forEach(event::addAttendee);
        for (Person person : entry.invited()) {
            if (before.stream().noneMatch(a -> isSame(a, person))) {
                event.addAttendee(attendee(person));
            }
        }
    }

    private static boolean declined(Attendee attendee) {
        return biweekly.parameter.ParticipationStatus.DECLINED.equals(attendee.getParticipationStatus());
    }

    /** An attendee is an address (RFC 5545); one whose address is not known gets one that leads nowhere. */
    private static Attendee attendee(Person person) {
        Attendee attendee = new Attendee(person.name(), person.email());
        if (person.email() == null) {
            attendee.setUri("invalid:"
                    + person.name().toLowerCase(java.util.Locale.ROOT).replaceAll("[^\\p{L}\\d]+", "-"));
        }
        attendee.setParticipationStatus(biweekly.parameter.ParticipationStatus.NEEDS_ACTION);
        return attendee;
    }

    private static boolean isSame(Attendee attendee, Person person) {
        return person.email() != null && person.email().equalsIgnoreCase(attendee.getEmail())
                || person.name().equalsIgnoreCase(attendee.getCommonName());
    }
}
