package org.ledgerlamp.server.minutes;

import java.time.Clock;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.common.Versions;
import org.ledgerlamp.server.roster.RosterService;
import org.ledgerlamp.server.tray.TrayService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads and corrects minutes, line by line, and files them. */
@Service
@Transactional
public class MinutesService {
    private final MinutesRepository minutes;
    private final Lines lines;
    private final Attendances attendances;
    private final RosterService roster;
    private final TrayService tray;
    private final AccessService access;
    private final Clock clock;

    MinutesService(
            MinutesRepository minutes,
            Lines lines,
            Attendances attendances,
            RosterService roster,
            TrayService tray,
            AccessService access,
            Clock clock) {
        this.minutes = minutes;
        this.lines = lines;
        this.attendances = attendances;
        this.roster = roster;
        this.tray = tray;
        this.access = access;
        this.clock = clock;
    }

    /** @throws Refusal where the team has no such minutes */
    @Transactional(readOnly = true)
    public Minutes one(UUID teamId, UUID id) {
        return minutes.findByIdAndTeamId(id, teamId).orElseThrow(() -> Refusal.notFound("draft"));
    }

    /** @throws Refusal where the team has no folio of that number */
    @Transactional(readOnly = true)
    public Minutes folio(UUID teamId, int number) {
        return minutes.findByTeamIdAndFolio(teamId, number).orElseThrow(() -> Refusal.notFound("folio"));
    }

    /** The folios of these numbers. */
    @Transactional(readOnly = true)
    public List<Minutes> folios(UUID teamId, Collection<Integer> numbers) {
        return minutes.findByTeamIdAndFolioIn(teamId, numbers);
    }

    /** The team's drafts, newest meeting first. */
    @Transactional(readOnly = true)
    public List<Minutes> drafts(UUID teamId) {
        return minutes.findByTeamIdAndFolioIsNullOrderByMeetingDateDesc(teamId);
    }

    /** The minutes of these meetings, drafts and folios alike. */
    @Transactional(readOnly = true)
    public List<Minutes> ofMeetings(UUID teamId, Collection<UUID> meetingIds) {
        return minutes.findByTeamIdAndMeetingIdIn(teamId, meetingIds);
    }

    /**
     * How far a draft has come.
     *
     * @param pencil lines nobody has looked at yet
     * @param ink lines that count
     */
    public record Progress(long pencil, long ink) {
        static final Progress NONE = new Progress(0, 0);

        Progress plus(LineState state, long lines) {
            return switch (state) {
                case PENCIL -> new Progress(pencil + lines, ink);
                case INK -> new Progress(pencil, ink + lines);
                case STRUCK, POSSIBLE -> this;
            };
        }
    }

    /** How far each of these minutes has come, by id. */
    @Transactional(readOnly = true)
    public Map<UUID, Progress> progress(Collection<UUID> ids) {
        Map<UUID, Progress> progress = new HashMap<>();
        ids.forEach(id -> progress.put(id, Progress.NONE));
        if (!ids.isEmpty()) {
            lines.count(ids)
                    .forEach(c ->
                            progress.computeIfPresent(c.getMinutesId(), (id, p) -> p.plus(c.getState(), c.getLines())));
        }
        return progress;
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
     * Adds a line a person wrote.
     *
     * @param after the line it stands below, or null for the end
     */
    public MinutesLine add(UUID teamId, UUID minutesId, LineFacts facts, UUID after, List<Basis> evidence) {
        Minutes draft = open(teamId, minutesId);
        checkOwner(teamId, facts);
        List<MinutesLine> page = lines(draft);
        double position = page.isEmpty() ? 0 : page.getLast().position() + 1;
        int topic = Math.max(0, draft.topics().size() - 1);
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
        for (Basis basis : evidence) {
            tray.one(teamId, basis.sourceId());
        }
        return lines.saveAndFlush(MinutesLine.written(draft, position, topic, section, facts, evidence));
    }

    /** @throws Refusal 412 with the line as it stands where it was changed since */
    public MinutesLine change(UUID teamId, UUID lineId, LineFacts facts, String ifMatch) {
        MinutesLine line = lines.findByIdAndTeamId(lineId, teamId).orElseThrow(() -> Refusal.notFound("line"));
        open(teamId, line.minutesId());
        Versions.require(ifMatch, line.version(), () -> LineView.of(line));
        checkOwner(teamId, facts);
        line.change(facts);
        return lines.saveAndFlush(line);
    }

    Attendance setPresent(UUID teamId, UUID attendanceId, boolean present, String ifMatch) {
        Attendance attendance =
                attendances.findByIdAndTeamId(attendanceId, teamId).orElseThrow(() -> Refusal.notFound("attendance"));
        open(teamId, attendance.minutesId());
        Versions.require(ifMatch, attendance.version(), () -> MinutesView.Attendee.of(attendance));
        attendance.setPresent(present);
        return attendances.saveAndFlush(attendance);
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

    /**
     * Files a draft as the team's next folio, under the meeting's date. Its lines are numbered in the order of the
     * template's sections; struck ones get no number.
     *
     * @throws Refusal where lines are still in pencil, or nothing is left to file
     */
    public Minutes file(SignedIn who, UUID minutesId) {
        Minutes draft = open(who.teamId(), minutesId);
        List<MinutesLine> page = lines(draft);
        long pencil = page.stream().filter(l -> l.state() == LineState.PENCIL).count();
        if (pencil > 0) {
            throw Refusal.conflict(pencil + (pencil == 1 ? " line is" : " lines are")
                            + " still in pencil: ink or strike them first.")
                    .with("pencil", pencil);
        }
        List<MinutesLine> record = PageOrder.of(draft.template(), page);
        if (record.isEmpty()) {
            throw Refusal.conflict("Every line is struck: there is nothing to file.");
        }
        int number = access.takeFolioNumber(who.teamId());
        draft.file(number, who.memberId(), clock.instant());
        for (int i = 0; i < record.size(); i++) {
            record.get(i).file(number, i + 1);
        }
        draft.meeting().fileMinutes();
        tray.fileUnder(who.teamId(), draft.meeting().id(), number);
        return minutes.saveAndFlush(draft);
    }

    private Minutes open(UUID teamId, UUID id) {
        Minutes draft = one(teamId, id);
        if (draft.isFiled()) {
            throw Refusal.conflict("These minutes are filed as folio " + draft.folio() + ".");
        }
        return draft;
    }

    private void checkOwner(UUID teamId, LineFacts facts) {
        if (facts.ownerId() != null) {
            roster.named(teamId, List.of(facts.ownerId()));
        }
    }
}
