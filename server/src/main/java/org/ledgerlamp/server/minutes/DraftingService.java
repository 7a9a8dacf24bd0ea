package org.ledgerlamp.server.minutes;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.minutes.Draft;
import org.ledgerlamp.core.minutes.Drafter;
import org.ledgerlamp.core.minutes.Line;
import org.ledgerlamp.core.minutes.Template;
import org.ledgerlamp.core.people.Person;
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
    private static final int MOST_POSSIBLE_OF_A_KIND = 8;

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
        Sheets sheets = new Sheets(sources);
        List<RosterPerson> everybody = roster.everybody(teamId);
        Draft draft = drafted(sheets, meeting, template, everybody);
        List<TopicMark> topics = draft.reading().topics().stream()
                .map(t -> new TopicMark(t.title(), t.from(), t.to(), millis(t.at()), t.agendaItem()))
                .toList();
        meeting.beginMinutes();
        Minutes kept = minutes.save(new Minutes(meeting, template, topics));
        Map<String, UUID> ids = ids(everybody);
        lines.saveAll(page(kept, draft, sheets, ids));
        List<Presence> presences = draft.reading().attendance();
        for (int i = 0; i < presences.size(); i++) {
            attendances.save(new Attendance(
                    kept, i, presences.get(i), ids.get(presences.get(i).name())));
        }
        return kept.id();
    }

    /**
     * Drafts anew what nobody has touched: lines in ink and struck ones stay as and where they are, and what they rest
     * on is not drafted a second time.
     */
    void redraft(Minutes kept) {
        Sheets sheets = new Sheets(tray.of(kept.teamId(), List.of(kept.meeting().id())));
        List<RosterPerson> everybody = roster.everybody(kept.teamId());
        Draft draft = drafted(sheets, kept.meeting(), kept.template(), everybody);
        List<MinutesLine> before = lines.findByMinutesIdOrderByPosition(kept.id());
        List<MinutesLine> touched =
                before.stream().filter(l -> !l.isUntouched()).toList();
        lines.deleteAll(before.stream().filter(MinutesLine::isUntouched).toList());
        lines.saveAll(page(kept, draft, sheets, ids(everybody)).stream()
                .filter(l -> touched.stream().noneMatch(t -> restOnTheSame(t, l)))
                .toList());
    }

    private static boolean restOnTheSame(MinutesLine touched, MinutesLine drafted) {
        if (touched.kind() == LineKind.SUMMARY || drafted.kind() == LineKind.SUMMARY) {
            return touched.kind() == drafted.kind();
        }
        return !touched.evidence().isEmpty()
                && touched.isDrafted()
                && touched.evidence().getFirst().equals(drafted.evidence().getFirst());
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

    private Draft drafted(Sheets sheets, Meeting meeting, Template template, List<RosterPerson> everybody) {
        Source talk = tray.source(sheets.talk());
        Source notes = sheets.notes() == null ? null : tray.source(sheets.notes());
        List<Person> people = everybody.stream().map(RosterPerson::person).toList();
        return new Drafter().draft(talk, notes, meeting.facts(people), template);
    }

    /** The lines of a draft in order: the summary, what was drafted, and the likeliest of what is merely possible. */
    private static List<MinutesLine> page(Minutes kept, Draft draft, Sheets sheets, Map<String, UUID> ids) {
        List<MinutesLine> page = new ArrayList<>();
        page.add(MinutesLine.summary(
                kept, draft.summary().paragraph(), basis(draft.summary().evidence(), sheets)));
        for (Line line : draft.lines()) {
            page.add(MinutesLine.drafted(
                    kept, page.size(), line, ids.get(line.owner()), basis(line.evidence(), sheets)));
        }
        for (Line line : likeliest(draft.possible())) {
            page.add(MinutesLine.possible(
                    kept, page.size(), line, ids.get(line.owner()), basis(line.evidence(), sheets)));
        }
        return page;
    }

    private static List<Line> likeliest(List<Line> possible) {
        Set<Line> kept = possible.stream().collect(Collectors.groupingBy(Line::kind)).values().stream()
                .flatMap(ofKind -> ofKind.stream()
                        .sorted(Comparator.comparingDouble(l -> -l.certainty()))
                        .limit(MOST_POSSIBLE_OF_A_KIND))
                .collect(Collectors.toSet());
        return possible.stream().filter(kept::contains).toList();
    }

    private static Map<String, UUID> ids(List<RosterPerson> everybody) {
        Map<String, UUID> ids = new HashMap<>();
        everybody.forEach(p -> ids.put(p.name(), p.id()));
        return ids;
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
