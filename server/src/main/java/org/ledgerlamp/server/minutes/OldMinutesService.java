package org.ledgerlamp.server.minutes;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.ledgerlamp.core.exchange.OldMinutes;
import org.ledgerlamp.core.exchange.OldMinutes.OldLine;
import org.ledgerlamp.core.reading.Presence;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.meetings.Meeting;
import org.ledgerlamp.server.meetings.MeetingService;
import org.ledgerlamp.server.templates.TemplateService;
import org.ledgerlamp.server.tray.Passage;
import org.ledgerlamp.server.tray.TrayService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Files minutes that somebody wrote before: a record already, so they stand in ink as they were written. */
@Service
@Transactional
public class OldMinutesService {
    private final MinutesRepository minutes;
    private final Lines lines;
    private final Attendances attendances;
    private final MeetingService meetings;
    private final TemplateService templates;
    private final FilingService filing;
    private final TrayService tray;

    OldMinutesService(
            MinutesRepository minutes,
            Lines lines,
            Attendances attendances,
            MeetingService meetings,
            TemplateService templates,
            FilingService filing,
            TrayService tray) {
        this.minutes = minutes;
        this.lines = lines;
        this.attendances = attendances;
        this.meetings = meetings;
        this.templates = templates;
        this.filing = filing;
        this.tray = tray;
    }

    /**
     * Files old minutes as the record of a meeting.
     *
     * @param sourceId the page they stand on, placed at the meeting: what each line rests on; or null
     * @param people ids of the roster by full name
     * @throws Refusal where there is not a line in them
     */
    public Minutes file(SignedIn who, UUID meetingId, OldMinutes old, UUID sourceId, Map<String, UUID> people) {
        Meeting meeting = meetings.one(who.teamId(), meetingId);
        Minutes made = new Minutes(meeting);
        made.takenOver(templates.forKind(who.teamId(), meeting.kind()));
        meeting.beginMinutes();
        minutes.saveAndFlush(made);
        List<Passage> page = sourceId == null ? List.of() : tray.passages(who.teamId(), sourceId);
        List<MinutesLine> written = new ArrayList<>();
        if (!old.summary().isBlank()) {
            written.add(line(made, 0, LineKind.SUMMARY, old.summary(), List.of()));
        }
        for (OldLine l : old.lines()) {
            List<Basis> rests = rests(l, page, sourceId);
            MinutesLine line =
                    line(made, written.size(), LineKind.valueOf(l.kind().name()), l.text(), rests);
            line.change(LineFacts.inPlace(
                    line.kind(),
                    line.text(),
                    l.owner() == null ? null : people.get(l.owner()),
                    l.due(),
                    LineState.INK));
            written.add(line);
        }
        lines.saveAllAndFlush(written);
        for (int i = 0; i < old.people().size(); i++) {
            OldMinutes.Who there = old.people().get(i);
            Presence presence = new Presence(there.name(), null, there.attended(), false, 0, 0, 0, null);
            attendances.save(new Attendance(made, i, presence, people.get(there.name())));
        }
        return filing.file(who, made.id());
    }

    private static MinutesLine line(Minutes of, int position, LineKind kind, String text, List<Basis> rests) {
        return MinutesLine.written(
                of, position, 0, null, LineFacts.inPlace(kind, text, null, null, LineState.INK), rests);
    }

    private static List<Basis> rests(OldLine line, List<Passage> page, UUID sourceId) {
        if (line.passage() < 0 || line.passage() >= page.size()) {
            return List.of();
        }
        String text = page.get(line.passage()).text();
        return List.of(new Basis(sourceId, line.passage(), 0, text.length(), text, null, null));
    }
}
