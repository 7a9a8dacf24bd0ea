package org.ledgerlamp.core.exchange;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.io.TimezoneAssignment;
import biweekly.parameter.ParticipationStatus;
import biweekly.property.Attendee;
import biweekly.property.Conference;
import biweekly.property.DateOrDateTimeProperty;
import biweekly.property.Organizer;
import biweekly.property.TextProperty;
import biweekly.util.ICalDate;
import biweekly.util.com.google.ical.compat.javautil.DateIterator;
import jakarta.mail.MessagingException;
import jakarta.mail.Part;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Date;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TimeZone;
import java.util.TreeMap;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.source.MailParts;

/**
 * Reads the meetings of a calendar file, or of an invitation sent by mail: time zones, series, moved and cancelled
 * occurrences, who is invited, and the agenda in the text.
 */
public final class InvitationFile {
    private static final int MOST_BYTES = 10 << 20;
    private static final int MOST_OCCURRENCES = 2000;

    private final ICalendar calendar;
    private final ZoneId home;
    private final Map<String, Set<Instant>> moved = new TreeMap<>();

    private InvitationFile(ICalendar calendar, ZoneId home) {
        this.calendar = calendar;
        this.home = home;
        for (VEvent event : calendar.getEvents()) {
            if (event.getRecurrenceId() != null && event.getRecurrenceId().getValue() != null) {
                moved.computeIfAbsent(uid(event), u -> new HashSet<>())
                        .add(event.getRecurrenceId().getValue().toInstant());
            }
        }
    }

    /**
     * The first meeting on or after {@code from}; the last before it where none follows.
     *
     * @param home the zone of times that name none
     * @throws IllegalArgumentException where there is no meeting in it, naming what was expected
     */
    public static Invitation read(byte[] bytes, ZoneId home, LocalDate from) {
        List<Invitation> all = between(bytes, home, from.minusYears(3), from.plusYears(3));
        return all.stream()
                .filter(i -> !i.start().toLocalDate().isBefore(from))
                .findFirst()
                .orElseGet(all::getLast);
    }

    /**
     * All meetings that begin in {@code from <= day < until}, in order of their start; series expanded.
     *
     * @throws IllegalArgumentException where the file is no calendar or has no meeting then
     */
    public static List<Invitation> between(byte[] bytes, ZoneId home, LocalDate from, LocalDate until) {
        List<Invitation> found = all(bytes, home, from, until);
        if (found.isEmpty()) {
            throw new IllegalArgumentException(
                    "VEVENT: expected a meeting between " + from + " and " + until + ", found none");
        }
        return found;
    }

    /**
     * The same, of a calendar that may be empty then.
     *
     * @throws IllegalArgumentException where the file is no calendar
     */
    public static List<Invitation> all(byte[] bytes, ZoneId home, LocalDate from, LocalDate until) {
        if (bytes.length > MOST_BYTES) {
            throw new IllegalArgumentException("whole file: more than the limit of %,d bytes".formatted(MOST_BYTES));
        }
        return new InvitationFile(parsed(calendarText(bytes)), home).expanded(from, until);
    }

    private static ICalendar parsed(String text) {
        ICalendar calendar =
                text.contains("BEGIN:VCALENDAR") ? Biweekly.parse(text).first() : null;
        if (calendar == null) {
            throw new IllegalArgumentException("line 1: expected BEGIN:VCALENDAR or a mail with an invitation");
        }
        return calendar;
    }

    /** The calendar itself, or the part of a mail that is one. */
    private static String calendarText(byte[] bytes) {
        String text = new String(bytes, StandardCharsets.UTF_8);
        String head = text.stripLeading();
        if (head.toUpperCase(Locale.ROOT).startsWith("BEGIN:VCALENDAR")
                || head.startsWith("\uFEFF")
                || !text.toLowerCase(Locale.ROOT).contains("text/calendar")) {
            return text;
        }
        try {
            for (Part part : MailParts.of(bytes)) {
                if (part.isMimeType("text/calendar") || part.isMimeType("application/ics")) {
                    try (InputStream in = part.getInputStream()) {
                        return new String(in.readNBytes(MOST_BYTES), StandardCharsets.UTF_8);
                    }
                }
            }
            return text;
        } catch (MessagingException | IOException e) {
            throw new IllegalArgumentException("the mail is broken: " + e.getMessage(), e);
        }
    }

    private List<Invitation> expanded(LocalDate from, LocalDate until) {
        Instant first = from.atStartOfDay(home).toInstant();
        Instant last = until.atStartOfDay(home).toInstant();
        List<Invitation> all = new ArrayList<>();
        for (VEvent event : calendar.getEvents()) {
            if (event.getDateStart() != null && event.getDateStart().getValue() != null) {
                all.addAll(occurrences(event, first, last));
            }
        }
        all.sort(java.util.Comparator.comparing((Invitation i) -> i.start().toInstant())
                .thenComparing(Invitation::uid));
        Map<String, LocalDate> next = new HashMap<>();
        for (int i = all.size() - 1; i >= 0; i--) {
            Invitation one = all.get(i);
            all.set(i, one.followedBy(next.get(one.uid())));
            if (!one.cancelled()) {
                next.put(one.uid(), one.start().toLocalDate());
            }
        }
        return all.stream().filter(i -> i.start().toInstant().isBefore(last)).toList();
    }

    /** The occurrences from {@code first} on, one beyond {@code last} so that the last but one knows its next. */
    private List<Invitation> occurrences(VEvent event, Instant first, Instant last) {
        ZoneId zone = zoneOf(event.getDateStart());
        if (event.getRecurrenceRule() == null && event.getRecurrenceDates().isEmpty()
                || event.getRecurrenceId() != null) {
            Instant start = instantOf(event.getDateStart().getValue(), zone);
            return start.isBefore(first)
                    ? List.of()
                    : List.of(invitation(event, start.atZone(zone), recurrenceOf(event)));
        }
        List<Invitation> found = new ArrayList<>();
        DateIterator dates = event.getDateIterator(TimeZone.getTimeZone(zone));
        dates.advanceTo(Date.from(first));
        while (dates.hasNext() && found.size() < MOST_OCCURRENCES) {
            Instant start = dates.next().toInstant();
            if (start.isBefore(first)
                    || moved.getOrDefault(uid(event), Set.of()).contains(start)) {
                continue;
            }
            found.add(invitation(event, start.atZone(zone), start));
            if (!start.isBefore(last)) {
                break;
            }
        }
        return found;
    }

    /** Which occurrence of its series a moved one is; null for a meeting that is none of a series. */
    private static Instant recurrenceOf(VEvent event) {
        return event.getRecurrenceId() == null || event.getRecurrenceId().getValue() == null
                ? null
                : event.getRecurrenceId().getValue().toInstant();
    }

    private ZoneId zoneOf(DateOrDateTimeProperty property) {
        TimezoneAssignment zone = calendar.getTimezoneInfo().getTimezone(property);
        if (zone != null) {
            try {
                return zone.getTimeZone().toZoneId();
            } catch (java.time.DateTimeException e) {
                return home; // a zone that only the sender's calendar knows by that name
            }
        }
        return home;
    }

    /** A day without a time begins at midnight of the reader's zone. */
    private static Instant instantOf(ICalDate date, ZoneId zone) {
        if (date.hasTime()) {
            return date.toInstant();
        }
        return LocalDate.of(
                        date.getRawComponents().getYear(),
                        date.getRawComponents().getMonth(),
                        date.getRawComponents().getDate())
                .atStartOfDay(zone)
                .toInstant();
    }

    private Invitation invitation(VEvent event, ZonedDateTime start, Instant occurrence) {
        List<Person> invited = new ArrayList<>();
        List<Person> declined = new ArrayList<>();
        Person organiser = organiser(event.getOrganizer());
        if (organiser != null) {
            invited.add(organiser);
        }
        for (Attendee attendee : event.getAttendees()) {
            Person person = person(attendee.getCommonName(), attendee.getEmail(), attendee.getUri());
            if (person != null && invited.stream().noneMatch(p -> same(p, person))) {
                boolean no = ParticipationStatus.DECLINED.equals(attendee.getParticipationStatus());
                (no ? declined : invited).add(person);
            }
        }
        String description = EntryDescription.own(text(event.getDescription()));
        return new Invitation(
                uid(event),
                occurrence,
                event.getSummary() == null
                        ? "Meeting of " + start.toLocalDate()
                        : event.getSummary().getValue(),
                start,
                length(event),
                organiser,
                invited,
                declined,
                description,
                Agenda.in(description),
                text(event.getLocation()),
                link(event),
                label(event),
                event.getAttachments().stream()
                        .map(a -> a.getUri())
                        .filter(java.util.Objects::nonNull)
                        .toList(),
                null,
                event.getStatus() != null && event.getStatus().isCancelled());
    }

    private static boolean same(Person a, Person b) {
        return a.name().equals(b.name()) || a.email() != null && a.email().equalsIgnoreCase(b.email());
    }

    private static Duration length(VEvent event) {
        if (event.getDateEnd() != null && event.getDateEnd().getValue() != null) {
            return Duration.between(
                    event.getDateStart().getValue().toInstant(),
                    event.getDateEnd().getValue().toInstant());
        }
        return event.getDuration() == null || event.getDuration().getValue() == null
                ? null
                : Duration.ofMillis(event.getDuration().getValue().toMillis());
    }

    private static Person organiser(Organizer organiser) {
        return organiser == null ? null : person(organiser.getCommonName(), organiser.getEmail(), organiser.getUri());
    }

    /** By the name given, or by the part of the mail address before the @. */
    private static Person person(String name, String email, String uri) {
        String address = email != null
                ? email
                : uri != null && uri.toLowerCase(Locale.ROOT).startsWith("mailto:") ? uri.substring(7) : null;
        String called = value(name) != null
                ? value(name)
                : address == null ? null : address.replaceFirst("@.*", "").replace('.', ' ');
        return called == null || called.isBlank() ? null : new Person(called, null, address, List.of());
    }

    private static String link(VEvent event) {
        for (Conference conference : event.getConferences()) {
            if (value(conference.getUri()) != null) {
                return value(conference.getUri());
            }
        }
        return text(event.getUrl());
    }

    private static String label(VEvent event) {
        return event.getCategories().stream()
                .flatMap(c -> c.getValues().stream())
                .map(InvitationFile::value)
                .filter(java.util.Objects::nonNull)
                .findFirst()
                .orElse(null);
    }

    private static String uid(VEvent event) {
        return event.getUid() == null || event.getUid().getValue() == null
                ? ""
                : event.getUid().getValue();
    }

    private static String text(TextProperty property) {
        return property == null ? null : value(property.getValue());
    }

    private static String value(String text) {
        return text == null || text.isBlank() ? null : text.strip();
    }
}
