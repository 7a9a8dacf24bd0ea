package org.ledgerlamp.core.reading;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import org.ledgerlamp.core.people.Mentions;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.people.Roster;
import org.ledgerlamp.core.time.Calendar;

/**
 * What is known of a meeting before its source is read.
 *
 * @param title what the meeting is called
 * @param date the day it was held
 * @param start the time it began, or null
 * @param timezone the zone of date and time
 * @param plannedMinutes how long it was to last, or null
 * @param kind the kind of meeting in the team's words, or null
 * @param location place or call link, or null
 * @param series the series it belongs to, or null
 * @param roster everybody who may be meant
 * @param invited full names of the invited, all on the roster
 * @param agenda the agenda's items, in order
 * @param nextMeeting the date of the next one of the series, or null
 * @param mattersArising what earlier meetings of the series left open
 */
public record MeetingFacts(
        String title,
        LocalDate date,
        LocalTime start,
        ZoneId timezone,
        Integer plannedMinutes,
        String kind,
        String location,
        String series,
        List<Person> roster,
        List<String> invited,
        List<String> agenda,
        LocalDate nextMeeting,
        List<Carried> mattersArising) {
    public MeetingFacts {
        roster = List.copyOf(roster);
        invited = List.copyOf(invited);
        agenda = List.copyOf(agenda);
        mattersArising = List.copyOf(mattersArising);
    }

    /** A meeting that earlier ones left nothing open for. */
    public MeetingFacts(
            String title,
            LocalDate date,
            LocalTime start,
            ZoneId timezone,
            Integer plannedMinutes,
            String kind,
            String location,
            String series,
            List<Person> roster,
            List<String> invited,
            List<String> agenda,
            LocalDate nextMeeting) {
        this(
                title,
                date,
                start,
                timezone,
                plannedMinutes,
                kind,
                location,
                series,
                roster,
                invited,
                agenda,
                nextMeeting,
                List.of());
    }

    /** The calendar that dates said in this meeting are resolved against. */
    public Calendar calendar() {
        return new Calendar(date, nextMeeting);
    }

    /** The same meeting with other people to be meant. */
    public MeetingFacts withRoster(List<Person> people) {
        return with(people, mattersArising);
    }

    /** The same meeting with what earlier ones left open. */
    public MeetingFacts with(List<Carried> open) {
        return with(roster, open);
    }

    private MeetingFacts with(List<Person> people, List<Carried> open) {
        return new MeetingFacts(
                title,
                date,
                start,
                timezone,
                plannedMinutes,
                kind,
                location,
                series,
                people,
                invited,
                agenda,
                nextMeeting,
                open);
    }

    /** Those of the roster who are invited. */
    public List<Person> invitedPeople() {
        return roster.stream().filter(p -> invited.contains(p.name())).toList();
    }

    /** Finds people in what is said here: of two of one name the invited one is meant. */
    public Mentions mentions() {
        return new Mentions(people(), invitedPeople());
    }

    /** The roster, ready to resolve names. */
    public Roster people() {
        return new Roster(roster);
    }
}
