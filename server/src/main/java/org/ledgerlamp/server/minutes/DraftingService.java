package org.ledgerlamp.server.minutes;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.minutes.Draft;
import org.ledgerlamp.core.minutes.Drafter;
import org.ledgerlamp.core.minutes.Line;
import org.ledgerlamp.core.minutes.Template;
import org.ledgerlamp.core.reading.Evidence;
import org.ledgerlamp.core.reading.Presence;
import org.ledgerlamp.core.source.Source;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.meetings.Meeting;
import org.ledgerlamp.server.meetings.MeetingService;
import org.ledgerlamp.server.roster.RosterPerson;
import org.ledgerlamp.server.roster.RosterService;
import org.ledgerlamp.server.tray.SourceFile;
import org.ledgerlamp.server.tray.TrayService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Drafts the minutes of a meeting from its sources, and keeps them. */
@Service
@Transactional
public class DraftingService {
    private final MinutesRepository minutes;
    private final Lines lines;
    private final Attendances attendances;
    private final MeetingService meetings;
    private final RosterService roster;
    private final TrayService tray;

    DraftingService(
            MinutesRepository minutes,
            Lines lines,
            Attendances attendances,
            MeetingService meetings,
            RosterService roster,
            TrayService tray) {
        this.minutes = minutes;
        this.lines = lines;
        this.attendances = attendances;
        this.meetings = meetings;
        this.roster = roster;
        this.tray = tray;
    }

    /**
     * Drafts a meeting's minutes.
     *
     * @param templateName name of a template, or null for the one that fits the kind of meeting
     * @return the draft's id
     * @throws Refusal where there is nothing to draft from, or there are minutes already
     */
    public UUID draft(UUID teamId, UUID meetingId, @Nullable String templateName) {
        Meeting meeting = meetings.one(teamId, meetingId);
        if (meeting.hasMinutes()) {
            throw Refusal.conflict("There are minutes of this meeting already.");
        }
        List<SourceFile> sources = tray.of(teamId, List.of(meetingId));
        if (sources.isEmpty()) {
            throw Refusal.conflict("No source belongs to this meeting, so there is nothing to draft from.");
        }
        Template template = templateName == null ? Template.forKind(meeting.kind()) : template(templateName);
        return keep(new Sheets(sources), meeting, template);
    }

    static Template template(String name) {
        return Template.named(name).orElseThrow(() -> Refusal.invalid("There is no template \"" + name + "\"."));
    }

    /** Which file is read as the talk and which as the notes beside it. */
    private record Sheets(SourceFile talk, @Nullable SourceFile notes) {
        Sheets(List<SourceFile> sources) {
            this(
                    sources.stream().filter(s -> !s.isNotes()).findFirst().orElse(sources.getFirst()),
                    sources.stream().anyMatch(s -> !s.isNotes())
                            ? sources.stream()
                                    .filter(SourceFile::isNotes)
                                    .findFirst()
                                    .orElse(null)
                            : null);
        }
    }

    private UUID keep(Sheets sheets, Meeting meeting, Template template) {
        List<RosterPerson> everybody = roster.everybody(meeting.teamId());
        Map<String, UUID> ids = new HashMap<>();
        everybody.forEach(p -> ids.put(p.name(), p.id()));
        Source talk = tray.source(sheets.talk());
        Source notes = sheets.notes() == null ? null : tray.source(sheets.notes());
        Draft draft = new Drafter()
                .draft(
                        talk,
                        notes,
                        meeting.facts(
                                everybody.stream().map(RosterPerson::person).toList()),
                        template);
        List<TopicMark> topics = draft.reading().topics().stream()
                .map(t -> new TopicMark(t.title(), t.from(), t.to(), millis(t.at()), t.agendaItem()))
                .toList();
        meeting.beginMinutes();
        Minutes kept = minutes.save(new Minutes(meeting, template, topics));
        List<MinutesLine> page = new ArrayList<>();
        page.add(MinutesLine.summary(
                kept, draft.summary().paragraph(), basis(draft.summary().evidence(), sheets)));
        for (Line line : draft.lines()) {
            page.add(MinutesLine.drafted(
                    kept, page.size(), line, ids.get(line.owner()), basis(line.evidence(), sheets)));
        }
        lines.saveAll(page);
        List<Presence> presences = draft.reading().attendance();
        for (int i = 0; i < presences.size(); i++) {
            attendances.save(new Attendance(
                    kept, i, presences.get(i), ids.get(presences.get(i).name())));
        }
        return kept.id();
    }

    private static List<Basis> basis(List<Evidence> evidence, Sheets sheets) {
        return evidence.stream()
                .map(e -> new Basis(
                        e.origin() == Evidence.Origin.NOTES && sheets.notes() != null
                                ? sheets.notes().id()
                                : sheets.talk().id(),
                        e.utterance(),
                        e.start(),
                        e.end(),
                        e.quote(),
                        e.speaker(),
                        millis(e.at())))
                .toList();
    }

    private static @Nullable Integer millis(@Nullable Duration at) {
        return at == null ? null : (int) at.toMillis();
    }
}
