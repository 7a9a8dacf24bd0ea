package org.ledgerlamp.server.meetings;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.Agenda;
import org.ledgerlamp.server.roster.RosterPerson;

/**
 * A meeting as the browser gets it.
 *
 * @param offeredAgenda the agenda found in the invitation's text
 */
public record MeetingView(
        UUID id,
        int version,
        String title,
        LocalDate date,
        @Nullable LocalTime start,
        String zone,
        @Nullable Integer plannedMinutes,
        @Nullable String kind,
        @Nullable String location,
        @Nullable String series,
        List<String> agenda,
        @Nullable LocalDate nextMeeting,
        List<Invited> people,
        @Nullable String link,
        @Nullable String description,
        @Nullable String organiser,
        @Nullable String template,
        List<MeetingService.Guest> guests,
        @Nullable String label,
        boolean calledOff,
        List<String> offeredAgenda,
        boolean hasMinutes,
        boolean hasFolio) {

    /** Somebody invited. */
    public record Invited(UUID id, String name, @Nullable String role, @Nullable String email) {
        static Invited of(RosterPerson p) {
            return new Invited(p.id(), p.name(), p.role(), p.email());
        }
    }

    public static MeetingView of(Meeting m) {
        return new MeetingView(
                m.id(),
                m.version(),
                m.title(),
                m.date(),
                m.start(),
                m.zone(),
                m.plannedMinutes(),
                m.kind(),
                m.location(),
                m.series(),
                m.agenda(),
                m.nextMeeting(),
                m.invited().stream().map(Invited::of).toList(),
                m.link(),
                m.description(),
                m.organiser(),
                m.template(),
                m.guests(),
                m.label(),
                m.isCalledOff(),
                Agenda.in(m.description()),
                m.hasMinutes(),
                m.hasFolio());
    }
}
