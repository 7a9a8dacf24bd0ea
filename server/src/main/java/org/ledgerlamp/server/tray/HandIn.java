package org.ledgerlamp.server.tray;

import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.MeetingJson;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Digests;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.meetings.Meeting;
import org.ledgerlamp.server.meetings.MeetingService;
import org.ledgerlamp.server.roster.RosterPerson;
import org.ledgerlamp.server.roster.RosterService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Takes a source in together with what is known of its meeting, as a program hands it in: at once, and with the same
 * outcome where it is handed in again.
 */
@Service
class HandIn {
    private final TrayService tray;
    private final SourceFiles files;
    private final MeetingService meetings;
    private final RosterService roster;
    private final Validator validator;
    private final TransactionTemplate transaction;

    HandIn(
            TrayService tray,
            SourceFiles files,
            MeetingService meetings,
            RosterService roster,
            Validator validator,
            TransactionTemplate transaction) {
        this.tray = tray;
        this.files = files;
        this.meetings = meetings;
        this.roster = roster;
        this.validator = validator;
        this.transaction = transaction;
    }

    /** A file and its name. */
    record NamedBytes(String name, byte[] bytes) {}

    /** What became of it: the meeting, and the sources that belong to it now, that of the talk first. */
    record HandedIn(UUID meetingId, List<UUID> sourceIds) {}

    /**
     * Takes sources in for a meeting. One that is held that day under that title is taken; else it is made.
     *
     * @param notes notes typed beside the talk, or null
     * @param meetingJson what is known of the meeting, as {@link MeetingJson} reads it
     * @throws Refusal where the meeting cannot be understood, and nothing is taken in; or where a source cannot be read
     *     or placed, which is then kept in the tray
     */
    HandedIn take(SignedIn who, NamedBytes talk, @Nullable NamedBytes notes, String meetingJson) {
        MeetingService.Facts facts = facts(who.teamId(), meetingJson);
        UUID known = same(who.teamId(), facts).map(Meeting::id).orElse(null);
        List<SourceFile> sources = new ArrayList<>();
        sources.add(kept(who, talk, false, known));
        if (notes != null) {
            sources.add(kept(who, notes, true, known));
        }
        return Objects.requireNonNull(transaction.execute(t -> placed(who.teamId(), facts, sources)));
    }

    private Optional<Meeting> same(UUID teamId, MeetingService.Facts facts) {
        return meetings.between(teamId, facts.date(), facts.date()).stream()
                .filter(m -> m.title().equalsIgnoreCase(facts.title()) && !m.isCalledOff())
                .filter(m ->
                        m.start() == null || facts.start() == null || m.start().equals(facts.start()))
                .min(Comparator.comparing(Meeting::hasFolio));
    }

    /** The source of these bytes, if it lies in the tray or belongs to the meeting already; else taken in. */
    private SourceFile kept(SignedIn who, NamedBytes file, boolean asNotes, @Nullable UUID meeting) {
        SourceFile source =
                files.findByTeamIdAndSha256AndDiscardedAtIsNull(who.teamId(), Digests.sha256(file.bytes())).stream()
                        .filter(f -> f.meetingId() == null || f.meetingId().equals(meeting))
                        .max(Comparator.comparing(f -> f.meetingId() != null))
                        .orElseGet(() -> asNotes
                                ? tray.takeInNotes(who.teamId(), who.memberId(), file.name(), file.bytes())
                                : tray.takeIn(who, file.name(), file.bytes()));
        if (source.state() != SourceFile.State.READ) {
            String why = source.problems().isEmpty()
                    ? ""
                    : source.problems().getFirst().message() + " ";
            throw Refusal.invalid(
                            "Nothing could be read of " + source.name() + ". " + why + "It is kept in the in-tray.")
                    .with("sourceId", source.id());
        }
        return source;
    }

    private HandedIn placed(UUID teamId, MeetingService.Facts facts, List<SourceFile> sources) {
        Optional<Meeting> same = same(teamId, facts);
        List<UUID> ids = sources.stream().map(SourceFile::id).toList();
        if (same.isPresent() && sources.stream().allMatch(s -> same.get().id().equals(s.meetingId()))) {
            return new HandedIn(same.get().id(), ids);
        }
        UUID meeting = same.filter(m -> !m.hasFolio())
                .orElseGet(() -> meetings.create(teamId, facts))
                .id();
        ids.forEach(id -> tray.place(teamId, id, meeting));
        return new HandedIn(meeting, ids);
    }

    private MeetingService.Facts facts(UUID teamId, String json) {
        MeetingFacts read;
        try {
            read = MeetingJson.read(json);
        } catch (IllegalArgumentException e) {
            throw Refusal.invalid("The meeting cannot be understood: " + e.getMessage())
                    .because(e);
        }
        RosterService.Heard invited = roster.heard(teamId, read.invited());
        return checked(new MeetingService.Facts(
                read.title(),
                read.date(),
                read.start(),
                read.timezone().getId(),
                read.plannedMinutes(),
                read.kind(),
                read.location(),
                read.series(),
                read.agenda(),
                read.nextMeeting(),
                invited.people().stream().map(RosterPerson::id).toList(),
                null,
                null,
                null,
                null,
                invited.unknown().stream()
                        .map(name -> guest(name, read.roster()))
                        .toList(),
                null));
    }

    /** Somebody the team's roster does not know; the address is had from the file's own where it stands there. */
    private static MeetingService.Guest guest(String name, List<Person> told) {
        return new MeetingService.Guest(
                name,
                told.stream()
                        .filter(p -> p.name().equals(name))
                        .map(Person::email)
                        .filter(Objects::nonNull)
                        .findFirst()
                        .orElse(null));
    }

    private MeetingService.Facts checked(MeetingService.Facts facts) {
        Set<ConstraintViolation<MeetingService.Facts>> wrong = validator.validate(facts);
        if (!wrong.isEmpty()) {
            throw Refusal.invalid("The meeting cannot be understood: "
                    + wrong.stream()
                            .map(v -> v.getPropertyPath() + " " + v.getMessage())
                            .sorted()
                            .collect(Collectors.joining("; ")));
        }
        return facts;
    }
}
