package org.ledgerlamp.server.minutes;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.minutes.Detail;
import org.ledgerlamp.core.minutes.Draft;
import org.ledgerlamp.core.minutes.Line;
import org.ledgerlamp.core.minutes.Template;
import org.ledgerlamp.core.reading.Presence;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.live.Changed;
import org.ledgerlamp.server.meetings.Meeting;
import org.ledgerlamp.server.meetings.MeetingService;
import org.ledgerlamp.server.roster.RosterPerson;
import org.ledgerlamp.server.roster.RosterService;
import org.ledgerlamp.server.shorthand.ShorthandService;
import org.ledgerlamp.server.templates.TemplateService;
import org.ledgerlamp.server.tray.SourceFile;
import org.ledgerlamp.server.tray.TrayService;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Gathers what it takes to draft a meeting's minutes, and keeps what was drafted. {@link DraftingDesk} joins the two. */
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
    private final ShorthandService shorthand;
    private final TemplateService templates;
    private final LedgerSays ledger;
    private final ApplicationEventPublisher events;

    DraftingService(
            MinutesRepository minutes,
            Lines lines,
            Attendances attendances,
            MeetingService meetings,
            RosterService roster,
            TrayService tray,
            ShorthandService shorthand,
            TemplateService templates,
            LedgerSays ledger,
            ApplicationEventPublisher events) {
        this.minutes = minutes;
        this.lines = lines;
        this.attendances = attendances;
        this.meetings = meetings;
        this.roster = roster;
        this.tray = tray;
        this.shorthand = shorthand;
        this.templates = templates;
        this.ledger = ledger;
        this.events = events;
    }

    /**
     * What it takes to draft a meeting's minutes, for the first time or anew.
     *
     * @param templateName name of a template; null for the one the draft has, or that fits the kind of meeting
     * @param detail how much of the talk is kept, or null for what the draft or the template says
     * @throws Refusal where there is nothing to draft from, or the minutes are filed
     */
    @Transactional(readOnly = true)
    DraftingOrder order(UUID teamId, UUID meetingId, @Nullable String templateName, @Nullable Detail detail) {
        Meeting meeting = meetings.one(teamId, meetingId);
        List<SourceFile> sources = tray.of(teamId, List.of(meetingId));
        if (sources.isEmpty()) {
            throw nothingToDraftFrom();
        }
        Template form = begun(meeting)
                .map(kept -> templateName == null ? kept.template() : templates.named(teamId, templateName))
                .orElseGet(() -> templateName == null ? fitting(meeting) : templates.named(teamId, templateName));
        return order(meeting, sources, detail == null ? form : form.with(detail));
    }

    /**
     * Looks whether a wish can be met, without reading anything.
     *
     * @throws Refusal where there is nothing to draft from, no such template, or the minutes are filed
     */
    @Transactional(readOnly = true)
    void check(Drafting.Wish wish) {
        Meeting meeting = meetings.one(wish.teamId(), wish.meetingId());
        if (tray.of(wish.teamId(), List.of(wish.meetingId())).isEmpty()) {
            throw nothingToDraftFrom();
        }
        if (wish.template() != null) {
            templates.named(wish.teamId(), wish.template());
        }
        begun(meeting);
    }

    private static Refusal nothingToDraftFrom() {
        return Refusal.conflict("No source belongs to this meeting, so there is nothing to draft from.");
    }

    /** What it takes to try a template on a meeting; nothing is kept of it. */
    @Transactional(readOnly = true)
    DraftingOrder toTry(UUID teamId, UUID meetingId, Template template) {
        Meeting meeting = meetings.one(teamId, meetingId);
        List<SourceFile> sources = tray.of(teamId, List.of(meetingId));
        if (sources.isEmpty()) {
            throw Refusal.conflict("No source belongs to this meeting, so a template cannot be tried on it.");
        }
        return order(meeting, sources, template);
    }

    private DraftingOrder order(Meeting meeting, List<SourceFile> sources, Template template) {
        UUID teamId = meeting.teamId();
        List<RosterPerson> everybody = roster.everybody(teamId);
        return new DraftingOrder(
                teamId,
                meeting.id(),
                new Sheets(sources, tray::source).loaded(),
                meeting.facts(everybody.stream().map(RosterPerson::person).toList()),
                template,
                everybody,
                shorthand.of(teamId),
                template.askingTheLedger().stream()
                        .map(s -> new EarlierAnswer(s.heading(), ledger.to(teamId, s.text())))
                        .toList());
    }

    /** The template chosen for a meeting, or else the one that fits its kind. */
    Template fitting(Meeting meeting) {
        return Optional.ofNullable(meeting.template())
                .flatMap(name -> templates.find(meeting.teamId(), name))
                .orElseGet(() -> templates.forKind(meeting.teamId(), meeting.kind()));
    }

    /** The draft that was begun of a meeting, if any. */
    private Optional<Minutes> begun(Meeting meeting) {
        Optional<Minutes> kept = minutes.findByTeamIdAndMeetingIdIn(meeting.teamId(), List.of(meeting.id())).stream()
                .findFirst();
        kept.filter(Minutes::isFiled).ifPresent(m -> {
            throw Refusal.conflict("The minutes of this meeting are filed as folio " + m.folio() + ".");
        });
        return kept;
    }

    /**
     * Keeps what was drafted. Of a draft begun before, lines in ink and struck ones stay as they are, in their place, and
     * what they rest on is not drafted a second time; all other lines make way.
     *
     * @return the draft's id
     */
    UUID keep(DraftingOrder order, Draft draft) {
        Meeting meeting = meetings.one(order.teamId(), order.meetingId());
        Map<String, UUID> ids = new HashMap<>();
        order.roster().forEach(p -> ids.put(p.name(), p.id()));
        Optional<Minutes> before = begun(meeting);
        Minutes kept = before.orElseGet(() -> new Minutes(meeting));
        List<TopicMark> topics = kept.topics();
        kept.drafted(draft);
        if (before.isEmpty()) {
            meeting.beginMinutes();
        }
        minutes.save(kept);
        keepLines(kept, draft, order, ids, topics);
        keepAttendance(kept, draft.reading().attendance(), ids);
        before.ifPresent(again -> events.publishEvent(new Changed(meeting.id(), "drafted", Map.of())));
        return kept.id();
    }

    private void keepLines(
            Minutes kept, Draft draft, DraftingOrder order, Map<String, UUID> ids, List<TopicMark> topics) {
        List<MinutesLine> before = lines.findByMinutesIdOrderByPosition(kept.id());
        lines.deleteAll(before.stream().filter(MinutesLine::isUntouched).toList());
        Redraft redraft = new Redraft(order.sheets()::inTalk, before);
        redraft.touched()
                .forEach(l -> redraft.topicOf(l, topics, draft.reading()).ifPresent(l::moveToTopic));
        lines.saveAll(redraft.placed(page(kept, draft, order, ids)));
    }

    private void keepAttendance(Minutes kept, List<Presence> presences, Map<String, UUID> ids) {
        Map<String, Attendance> before = new HashMap<>();
        attendances.findByMinutesIdOrderByPosition(kept.id()).forEach(a -> before.put(a.name(), a));
        for (int i = 0; i < presences.size(); i++) {
            Presence presence = presences.get(i);
            Attendance known = before.remove(presence.name());
            if (known == null) {
                attendances.save(new Attendance(kept, i, presence, ids.get(presence.name())));
            } else {
                known.heard(i, presence);
            }
        }
        before.values().stream().filter(a -> !a.isSetByHand()).forEach(attendances::delete);
    }

    /** The lines of a draft in order: the summary, what was drafted, answers of the meeting and of the ledger, and the likeliest of what is merely possible. */
    private static List<MinutesLine> page(Minutes kept, Draft draft, DraftingOrder order, Map<String, UUID> ids) {
        Sheets sheets = order.sheets();
        List<MinutesLine> page = new ArrayList<>();
        page.add(MinutesLine.summary(
                kept, draft.summary().paragraph(), sheets.basis(draft.summary().evidence())));
        List<Line> drafted = new ArrayList<>(draft.lines());
        drafted.addAll(draft.answers());
        for (Line line : drafted) {
            page.add(
                    MinutesLine.drafted(kept, page.size(), line, ids.get(line.owner()), sheets.basis(line.evidence())));
        }
        for (EarlierAnswer answer : order.earlier()) {
            for (String statement : answer.statements()) {
                page.add(MinutesLine.ofLedger(kept, page.size(), answer.section(), statement));
            }
        }
        for (Line line : likeliest(draft.possible())) {
            page.add(MinutesLine.possible(
                    kept, page.size(), line, ids.get(line.owner()), sheets.basis(line.evidence())));
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
}
