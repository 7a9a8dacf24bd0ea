package org.ledgerlamp.core.exchange;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.util.List;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.MeetingFacts;

/**
 * One meeting as a calendar writes it (RFC 5545).
 *
 * @param uid what the calendar calls it; the same for all occurrences of a series
 * @param occurrence which of a series it is: when the series had it begin, also where it was moved; null for a meeting
 *     that is none of a series
 * @param title its summary
 * @param start when it begins, in its own zone
 * @param length how long it is to last, or null
 * @param organiser who invited, or null
 * @param invited those invited who have not declined, the organiser among them
 * @param declined those who have declined
 * @param description the invitation's text, or null
 * @param agenda the items found in that text
 * @param location place, or null
 * @param link address of the call, or null
 * @param label its first category, or null
 * @param attachments addresses of what is attached
 * @param next the day of the next occurrence, or null
 * @param cancelled whether it was called off
 */
public record Invitation(
        String uid,
        Instant occurrence,
        String title,
        ZonedDateTime start,
        Duration length,
        Person organiser,
        List<Person> invited,
        List<Person> declined,
        String description,
        List<String> agenda,
        String location,
        String link,
        String label,
        List<String> attachments,
        LocalDate next,
        boolean cancelled) {
    public Invitation {
        invited = List.copyOf(invited);
        declined = List.copyOf(declined);
        agenda = List.copyOf(agenda);
        attachments = List.copyOf(attachments);
    }

    /** The same meeting, followed by another on {@code day}, or by none where that is null. */
    Invitation followedBy(LocalDate day) {
        return new Invitation(
                uid,
                occurrence,
                title,
                start,
                length,
                organiser,
                invited,
                declined,
                description,
                agenda,
                location,
                link,
                label,
                attachments,
                day,
                cancelled);
    }

    /** What reading a source needs to know of it; its people are the roster. */
    public MeetingFacts facts() {
        List<Person> roster = new java.util.ArrayList<>(invited);
        declined.stream().filter(p -> !roster.contains(p)).forEach(roster::add);
        return new MeetingFacts(
                title,
                start.toLocalDate(),
                start.toLocalTime(),
                start.getZone(),
                length == null ? null : (int) length.toMinutes(),
                null,
                location == null ? link : location,
                next == null ? null : title,
                roster,
                roster.stream().map(Person::name).toList(),
                agenda,
                next);
    }
}
