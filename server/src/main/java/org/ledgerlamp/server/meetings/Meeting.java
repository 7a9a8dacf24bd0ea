package org.ledgerlamp.server.meetings;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Converter;
import jakarta.persistence.Entity;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.JoinTable;
import jakarta.persistence.ManyToMany;
import jakarta.persistence.OrderBy;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.server.common.JsonColumn;
import org.ledgerlamp.server.common.Strings;
import org.ledgerlamp.server.common.Versioned;
import org.ledgerlamp.server.roster.RosterPerson;
import tools.jackson.core.type.TypeReference;

/** A meeting, held or to be held. */
@Entity
public class Meeting extends Versioned {
    private String title;

    @Column(name = "held_on")
    private LocalDate date;

    @Column(name = "starts_at")
    private LocalTime start;

    private String zone;

    @Column(name = "planned_minutes")
    private Integer plannedMinutes;

    private String kind;
    private String location;
    private String series;

    @Convert(converter = Strings.class)
    @Column(columnDefinition = "longtext")
    private List<String> agenda;

    @Column(name = "has_minutes")
    private boolean hasMinutes;

    @Column(name = "has_folio")
    private boolean hasFolio;

    @Column(name = "next_meeting")
    private LocalDate nextMeeting;

    private String link;

    @Column(columnDefinition = "longtext")
    private String description;

    private String organiser;
    private String template;
    private String label;

    @Column(name = "called_off")
    private boolean calledOff;

    @Convert(converter = GuestsColumn.class)
    @Column(columnDefinition = "longtext")
    private List<MeetingService.Guest> guests;

    @ManyToMany
    @JoinTable(
            name = "meeting_person",
            joinColumns = @JoinColumn(name = "meeting_id"),
            inverseJoinColumns = @JoinColumn(name = "person_id"))
    @OrderBy("name")
    private Set<RosterPerson> invited = new LinkedHashSet<>();

    protected Meeting() {}

    Meeting(UUID teamId) {
        super(teamId);
    }

    final void change(MeetingService.Facts facts, List<RosterPerson> people) {
        title = facts.title().strip();
        date = facts.date();
        start = facts.start();
        zone = facts.zone();
        plannedMinutes = facts.plannedMinutes();
        kind = facts.kind();
        location = facts.location();
        series = facts.series() == null || facts.series().isBlank()
                ? null
                : facts.series().strip();
        agenda = facts.agenda().stream().map(String::strip).toList();
        nextMeeting = facts.nextMeeting();
        link = facts.link();
        description = facts.description();
        organiser = facts.organiser();
        template = facts.template();
        label = facts.label();
        guests = facts.guests() == null ? List.of() : List.copyOf(facts.guests());
        invited.clear();
        invited.addAll(people);
    }

    public String title() {
        return title;
    }

    public LocalDate date() {
        return date;
    }

    public LocalTime start() {
        return start;
    }

    public String zone() {
        return zone;
    }

    public Integer plannedMinutes() {
        return plannedMinutes;
    }

    public String kind() {
        return kind;
    }

    public String location() {
        return location;
    }

    public String series() {
        return series;
    }

    public List<String> agenda() {
        return agenda;
    }

    /** Whether minutes were begun. */
    public boolean hasMinutes() {
        return hasMinutes;
    }

    /** Says that minutes of it were begun. */
    public void beginMinutes() {
        hasMinutes = true;
    }

    /** Whether its minutes are filed, so that no further source joins them. */
    public boolean hasFolio() {
        return hasFolio;
    }

    /** Says that its minutes were filed. */
    public void fileMinutes() {
        hasFolio = true;
    }

    /** Says that its minutes are a draft again. */
    public void unfileMinutes() {
        hasFolio = false;
    }

    /** Says that its minutes were deleted for good. */
    public void loseMinutes() {
        hasFolio = false;
        hasMinutes = false;
    }

    public LocalDate nextMeeting() {
        return nextMeeting;
    }

    final void callOff(boolean off) {
        calledOff = off;
    }

    /** Whether it will not take place. */
    public boolean isCalledOff() {
        return calledOff;
    }

    /** Those invited whom the roster does not know. */
    public List<MeetingService.Guest> guests() {
        return guests == null ? List.of() : guests;
    }

    /** Address of the call, or null. */
    public String link() {
        return link;
    }

    /** The invitation's text, or null. */
    public String description() {
        return description;
    }

    /** Who invited, as the invitation names them, or null. */
    public String organiser() {
        return organiser;
    }

    /** Name of the template chosen for its minutes, or null for the one that fits its kind. */
    public String template() {
        return template;
    }

    /** A word to sort it by, as its calendar has it, or null. */
    public String label() {
        return label;
    }

    public Set<RosterPerson> invited() {
        return invited;
    }

    /** The meeting as the core knows meetings; {@code roster} is everybody who may be meant. */
    public MeetingFacts facts(List<Person> roster) {
        return new MeetingFacts(
                title,
                date,
                start,
                ZoneId.of(zone),
                plannedMinutes,
                kind,
                location,
                series,
                roster,
                invited.stream().map(RosterPerson::name).toList(),
                agenda,
                nextMeeting);
    }

    @Converter
    static class GuestsColumn extends JsonColumn<List<MeetingService.Guest>> {
        GuestsColumn() {
            super(new TypeReference<>() {});
        }
    }
}
