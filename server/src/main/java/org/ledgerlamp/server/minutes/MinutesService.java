package org.ledgerlamp.server.minutes;

import java.util.Collection;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.common.Versions;
import org.ledgerlamp.server.live.Changed;
import org.ledgerlamp.server.minutes.MinutesView.Attendee;
import org.ledgerlamp.server.roster.RosterService;
import org.ledgerlamp.server.tray.TrayService;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads and corrects minutes, line by line. */
@Service
@Transactional
public class MinutesService {
    private static final int MOST_LATEST = 60;

    private final MinutesRepository minutes;
    private final Lines lines;
    private final Attendances attendances;
    private final RosterService roster;
    private final TrayService tray;
    private final AmendmentService amendments;
    private final ApplicationEventPublisher events;

    MinutesService(
            MinutesRepository minutes,
            Lines lines,
            Attendances attendances,
            RosterService roster,
            TrayService tray,
            AmendmentService amendments,
            ApplicationEventPublisher events) {
        this.minutes = minutes;
        this.lines = lines;
        this.attendances = attendances;
        this.roster = roster;
        this.tray = tray;
        this.amendments = amendments;
        this.events = events;
    }

    /** @throws Refusal where the team has no such minutes */
    @Transactional(readOnly = true)
    public Minutes one(UUID teamId, UUID id) {
        return minutes.findByIdAndTeamId(id, teamId).orElseThrow(() -> Refusal.notFound("draft"));
    }

    /** Minutes of whatever team; empty where there are none any more. */
    public Optional<Minutes> find(UUID id) {
        return minutes.findById(id);
    }

    /** @throws Refusal where the team has no folio of that number */
    @Transactional(readOnly = true)
    public Minutes folio(UUID teamId, int number) {
        return minutes.folio(teamId, number);
    }

    /** Folios that are not linked to what was filed before, in the order of their meetings. */
    @Transactional(readOnly = true)
    public List<Minutes> toLink() {
        return minutes.findByLinkedFalseAndFolioIsNotNullOrderByMeetingDate();
    }

    /**
     * Says that a folio is linked to what was filed before; whether its words are to be counted, which they are once however
     * often it is filed.
     */
    public boolean link(Minutes folio) {
        minutes.setLinked(folio.id(), true);
        return minutes.setWordsCounted(folio.id()) > 0;
    }

    /** Says that minutes are no folio any more, so that they are linked anew once they are. */
    public void unlink(UUID id) {
        minutes.setLinked(id, false);
    }

    /** The folios of these numbers. */
    @Transactional(readOnly = true)
    public List<Minutes> folios(UUID teamId, Collection<Integer> numbers) {
        return minutes.findByTeamIdAndFolioIn(teamId, numbers);
    }

    /** The minutes of these ids. */
    @Transactional(readOnly = true)
    public List<Minutes> all(UUID teamId, Collection<UUID> ids) {
        return ids.isEmpty() ? List.of() : minutes.findByTeamIdAndIdIn(teamId, ids);
    }

    /** The folios of a series, latest meeting first. */
    @Transactional(readOnly = true)
    public List<Minutes> foliosOfSeries(UUID teamId, String series) {
        return minutes.findByTeamIdAndFolioIsNotNullAndMeetingSeriesOrderByMeetingDateDesc(teamId, series);
    }

    /** @throws Refusal where the team has no such line */
    @Transactional(readOnly = true)
    public MinutesLine line(UUID teamId, UUID id) {
        return lines.findByIdAndTeamId(id, teamId).orElseThrow(() -> Refusal.notFound("line"));
    }

    /** Those of these lines that are of record. */
    @Transactional(readOnly = true)
    public List<MinutesLine> linesOfRecord(UUID teamId, Collection<UUID> ids) {
        return ids.isEmpty()
                ? List.of()
                : lines.findByTeamIdAndIdInAndFolioIsNotNullOrderByFolioAscNumberAsc(teamId, ids);
    }

    /** The names of all who attended filed meetings of a series. */
    @Transactional(readOnly = true)
    public List<String> attendeesOfSeries(UUID teamId, String series) {
        return attendances.ofSeries(teamId, series);
    }

    /** Drafts and folios alike, of the latest meetings. */
    @Transactional(readOnly = true)
    public List<Minutes> latest(UUID teamId) {
        return minutes.findByTeamIdOrderByMeetingDateDesc(teamId, Limit.of(MOST_LATEST));
    }

    /** The minutes of these meetings, drafts and folios alike. */
    @Transactional(readOnly = true)
    public List<Minutes> ofMeetings(UUID teamId, Collection<UUID> meetingIds) {
        return minutes.findByTeamIdAndMeetingIdIn(teamId, meetingIds);
    }

    /** The lines in order. */
    @Transactional(readOnly = true)
    public List<MinutesLine> lines(Minutes of) {
        return lines.findByMinutesIdOrderByPosition(of.id());
    }

    @Transactional(readOnly = true)
    List<Attendance> attendance(Minutes of) {
        return attendances.findByMinutesIdOrderByPosition(of.id());
    }

    /**
     * Adds a line a person wrote. In a folio it gets the next number and is an amendment.
     *
     * @param after the line it stands below, or null for the end; of no account where the facts name a place
     */
    public MinutesLine add(SignedIn who, UUID minutesId, LineFacts facts, @Nullable UUID after, List<Basis> evidence) {
        Minutes of = one(who.teamId(), minutesId);
        checkOwner(who.teamId(), facts);
        requireWords(who.teamId(), evidence);
        List<MinutesLine> page = lines(of);
        double position = page.isEmpty() ? 0 : page.getLast().position() + 1;
        int topic = Math.max(0, of.topics().size() - 1);
        String section = null;
        for (int i = 0; i < page.size(); i++) {
            if (page.get(i).id().equals(after)) {
                position = i + 1 < page.size()
                        ? (page.get(i).position() + page.get(i + 1).position()) / 2
                        : position;
                topic = page.get(i).topic();
                section = facts.kind() == LineKind.ANSWER ? page.get(i).section() : null;
            }
        }
        MinutesLine line = MinutesLine.written(of, position, topic, section, facts, evidence);
        return keep(who, of, line, null);
    }

    /**
     * Changes a line; in a folio that is an amendment.
     *
     * @throws Refusal 412 with the line as it stands where it was changed since
     */
    public MinutesLine change(SignedIn who, UUID lineId, LineFacts facts, String ifMatch) {
        MinutesLine line = line(who.teamId(), lineId);
        Versions.require(ifMatch, line.version(), () -> LineView.of(line));
        checkOwner(who.teamId(), facts);
        return change(who, one(who.teamId(), line.minutesId()), line, facts);
    }

    private MinutesLine change(SignedIn who, Minutes of, MinutesLine line, LineFacts facts) {
        if (facts.evidence() != null && !facts.evidence().equals(line.evidence())) {
            requireWords(who.teamId(), facts.evidence());
        }
        LineFacts was = LineFacts.of(line);
        line.change(facts);
        return keep(who, of, line, was);
    }

    private MinutesLine keep(SignedIn who, Minutes of, MinutesLine line, @Nullable LineFacts was) {
        keepOfRecord(of, line);
        lines.saveAndFlush(line);
        if (of.isFiled()) {
            events.publishEvent(FolioChanged.line(line));
            amendments.lineChanged(who, of, line, was);
        }
        events.publishEvent(line.written(of));
        tell(of, "line", LineView.of(line));
        return line;
    }

    /** In a folio a line in ink is of record and has a number for good; there is no pencil in it. */
    private void keepOfRecord(Minutes of, MinutesLine line) {
        if (!of.isFiled()) {
            return;
        }
        switch (line.state()) {
            case INK -> line.file(of.folio(), line.number() == null ? nextNumber(of) : line.number());
            case STRUCK, POSSIBLE -> line.leaveRecord();
            case PENCIL -> throw Refusal.conflict("Folio " + of.folio() + " is filed: its lines stand in ink.");
        }
    }

    private int nextNumber(Minutes folio) {
        return 1
                + lines(folio).stream()
                        .filter(l -> l.number() != null)
                        .mapToInt(MinutesLine::number)
                        .max()
                        .orElse(0);
    }

    Attendance setPresent(SignedIn who, UUID attendanceId, @Nullable Boolean present, String ifMatch) {
        Attendance attendance = attendances
                .findByIdAndTeamId(attendanceId, who.teamId())
                .orElseThrow(() -> Refusal.notFound("attendance"));
        Versions.require(ifMatch, attendance.version(), () -> Attendee.of(attendance));
        return setPresent(who, one(who.teamId(), attendance.minutesId()), attendance, present);
    }

    private Attendance setPresent(SignedIn who, Minutes of, Attendance attendance, @Nullable Boolean present) {
        Boolean was = attendance.present();
        attendance.setPresent(present);
        attendances.saveAndFlush(attendance);
        if (of.isFiled() && !Objects.equals(was, present)) {
            amendments.attendanceChanged(who, of, attendance, was);
            events.publishEvent(FolioChanged.attendance(of));
        }
        tell(of, "attendance", Attendee.of(attendance));
        return attendance;
    }

    /**
     * Brings back how things stood before a revision of a folio, in those lines that it changed. What stands now is not
     * lost: bringing back is a revision, too.
     */
    public Minutes restore(SignedIn who, int folioNumber, int revision) {
        Minutes folio = folio(who.teamId(), folioNumber);
        List<Amendment> made = amendments.of(folio.id(), revision);
        if (made.isEmpty()) {
            throw Refusal.notFound("revision");
        }
        for (Amendment a : made) {
            if (a.lineId() != null) {
                MinutesLine line = lines.findById(a.lineId()).orElseThrow();
                change(
                        who,
                        folio,
                        line,
                        a.was() == null ? LineFacts.of(line).struck() : a.was().line());
            } else {
                Attendance attendance = attendances.findById(a.attendanceId()).orElseThrow();
                setPresent(who, folio, attendance, a.was().present());
            }
        }
        return folio;
    }

    /** Tells those who look at the minutes. */
    void tell(Minutes of, String what, Object told) {
        events.publishEvent(new Changed(of.meeting().id(), what, told));
    }

    /**
     * The meeting of a draft that is to be drafted anew.
     *
     * @throws Refusal where it is filed, or was changed since {@code ifMatch}
     */
    @Transactional(readOnly = true)
    UUID toRedraft(UUID teamId, UUID minutesId, String ifMatch) {
        Minutes draft = open(teamId, minutesId);
        Versions.require(ifMatch, draft.version(), () -> draft.template().name());
        return draft.meeting().id();
    }

    /** @throws Refusal where these minutes are filed */
    Minutes open(UUID teamId, UUID id) {
        Minutes draft = one(teamId, id);
        if (draft.isFiled()) {
            throw Refusal.conflict("These minutes are filed as folio " + draft.folio() + ".");
        }
        return draft;
    }

    private void requireWords(UUID teamId, List<Basis> evidence) {
        evidence.forEach(b -> tray.requireWords(teamId, b.sourceId(), b.passage(), b.start(), b.end(), b.quote()));
    }

    private void checkOwner(UUID teamId, LineFacts facts) {
        if (facts.ownerId() != null) {
            roster.named(teamId, List.of(facts.ownerId()));
        }
    }
}
