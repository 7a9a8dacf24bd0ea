package org.ledgerlamp.server.page;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.reading.NotedLine;
import org.ledgerlamp.core.source.Shorthand;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.live.Changed;
import org.ledgerlamp.server.meetings.Meeting;
import org.ledgerlamp.server.meetings.MeetingService;
import org.ledgerlamp.server.page.PageView.Hand;
import org.ledgerlamp.server.page.PageView.PageLineView;
import org.ledgerlamp.server.page.PageView.PenView;
import org.ledgerlamp.server.page.PageView.Understood;
import org.ledgerlamp.server.roster.RosterPerson;
import org.ledgerlamp.server.roster.RosterService;
import org.ledgerlamp.server.shorthand.ShorthandService;
import org.ledgerlamp.server.tray.TrayService;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps the lines typed during a meeting. Whoever holds the pen writes the page; what anybody else sends, also a holder
 * who lost the pen while the connection was cut, is kept below the rule. Nothing that was typed is refused or overwritten
 * by somebody else.
 */
@Service
@Transactional
public class PageService {
    private static final String BELOW = "Added by ";

    private final PageLines lines;
    private final Pens pens;
    private final MeetingService meetings;
    private final RosterService roster;
    private final ShorthandService shorthand;
    private final AccessService access;
    private final TrayService tray;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    PageService(
            PageLines lines,
            Pens pens,
            MeetingService meetings,
            RosterService roster,
            ShorthandService shorthand,
            AccessService access,
            TrayService tray,
            ApplicationEventPublisher events,
            Clock clock) {
        this.lines = lines;
        this.pens = pens;
        this.meetings = meetings;
        this.roster = roster;
        this.shorthand = shorthand;
        this.access = access;
        this.tray = tray;
        this.events = events;
        this.clock = clock;
    }

    /**
     * A line as the browser has it.
     *
     * @param name names the line, made up in the browser: the same name again is the same line
     * @param stamp counts the changes of the line; what is older than what is kept changes nothing
     */
    public record Typed(
            @NotNull UUID name,
            @Min(0) long stamp,
            double position,
            @Min(0) @Max(20) int indent,
            @NotNull @Size(max = 10_000) String text,
            @Nullable @Min(0) @Max(200) Integer agendaItem,
            @NotNull Instant typedAt,
            boolean removed) {}

    @Transactional(readOnly = true)
    PageView page(SignedIn who, UUID meetingId) {
        Meeting meeting = meetings.one(who.teamId(), meetingId);
        Eyes eyes = eyes(meeting);
        return new PageView(all(meeting).stream().map(eyes::see).toList(), penView(meeting));
    }

    /** Keeps lines as typed; the answer is how they stand now. */
    List<PageLineView> write(SignedIn who, UUID meetingId, List<Typed> typed) {
        Meeting meeting = openFor(who, meetingId);
        Pen pen = pen(meeting);
        UUID holder = pen.holder(clock.instant());
        if (holder == null) {
            pen.give(who.memberId(), clock.instant());
            tellPen(meeting, pen);
            holder = who.memberId();
        }
        boolean holds = who.memberId().equals(holder);
        if (holds) {
            pen.seen(clock.instant());
        }
        Map<UUID, PageLine> known = new HashMap<>();
        lines.findByMeetingIdAndTeamIdAndNameIn(
                        meetingId, who.teamId(), typed.stream().map(Typed::name).toList())
                .forEach(l -> known.put(l.name(), l));
        List<PageLine> kept = new ArrayList<>();
        for (Typed one : typed) {
            kept.addAll(write(who, meeting, holds, known.get(one.name()), one));
        }
        lines.saveAllAndFlush(kept);
        Eyes eyes = eyes(meeting);
        List<PageLineView> views = kept.stream().map(eyes::see).toList();
        events.publishEvent(new Changed(meetingId, "lines", views));
        return views;
    }

    private List<PageLine> write(SignedIn who, Meeting meeting, boolean holds, @Nullable PageLine known, Typed typed) {
        if (known == null) {
            return List.of(new PageLine(who.teamId(), meeting.id(), who.memberId(), typed, !holds));
        }
        boolean may = known.isBeside() ? known.memberId().equals(who.memberId()) : holds;
        if (may) {
            if (typed.stamp() > known.stamp()) {
                known.write(typed);
            }
            return List.of(known);
        }
        return typed.stamp() <= known.stamp() || typed.text().equals(known.text())
                ? List.of(known)
                : List.of(known, aside(who, meeting, typed));
    }

    /** What somebody wrote over a line without holding the pen: the line stays, the words are kept below the rule. */
    private PageLine aside(SignedIn who, Meeting meeting, Typed typed) {
        UUID name = UUID.nameUUIDFromBytes((typed.name() + "/" + who.memberId()).getBytes(StandardCharsets.UTF_8));
        return lines.findByMeetingIdAndTeamIdAndNameIn(meeting.id(), who.teamId(), List.of(name)).stream()
                .findFirst()
                .map(l -> {
                    l.write(typed);
                    return l;
                })
                .orElseGet(() -> new PageLine(
                        who.teamId(),
                        meeting.id(),
                        who.memberId(),
                        new Typed(
                                name,
                                typed.stamp(),
                                typed.position(),
                                typed.indent(),
                                typed.text(),
                                typed.agendaItem(),
                                typed.typedAt(),
                                typed.removed()),
                        true));
    }

    /** Takes the pen where it lies there; otherwise asks its holder for it. */
    PenView askForPen(SignedIn who, UUID meetingId) {
        Meeting meeting = openFor(who, meetingId);
        Pen pen = pen(meeting);
        UUID holder = pen.holder(clock.instant());
        if (holder == null || holder.equals(who.memberId())) {
            pen.give(who.memberId(), clock.instant());
        } else {
            pen.ask(who.memberId());
        }
        return tellPen(meeting, pen);
    }

    /** Gives the pen to the one who asked, or lays it down. Only its holder can. */
    PenView layDownPen(SignedIn who, UUID meetingId) {
        Meeting meeting = openFor(who, meetingId);
        Pen pen = pen(meeting);
        if (who.memberId().equals(pen.holder(clock.instant()))) {
            pen.give(pen.askedBy(), clock.instant());
        }
        return tellPen(meeting, pen);
    }

    /** Keeps the pen instead of giving it to the one who asked. */
    PenView keepPen(SignedIn who, UUID meetingId) {
        Meeting meeting = openFor(who, meetingId);
        Pen pen = pen(meeting);
        if (who.memberId().equals(pen.holder(clock.instant()))) {
            pen.ask(null);
        }
        return tellPen(meeting, pen);
    }

    /** Says that the holder is still there. */
    void seen(SignedIn who, UUID meetingId) {
        Meeting meeting = meetings.one(who.teamId(), meetingId);
        Pen pen = pen(meeting);
        if (who.memberId().equals(pen.holder(clock.instant()))) {
            pen.seen(clock.instant());
        }
    }

    /** Hands the page in as a source of its meeting, so that minutes are drafted from it; an empty page hands in nothing. */
    public void handIn(UUID teamId, UUID meetingId) {
        Meeting meeting = meetings.one(teamId, meetingId);
        List<PageLine> typed = typed(meeting);
        if (typed.isEmpty()) {
            return;
        }
        byte[] bytes = asText(meeting, typed).getBytes(StandardCharsets.UTF_8);
        tray.takePage(teamId, typed.getFirst().memberId(), meetingId, "notes-" + meeting.date() + ".txt", bytes);
    }

    /** What is typed on the page so far, as it would be handed in; empty where nothing is. */
    @Transactional(readOnly = true)
    public String text(UUID teamId, UUID meetingId) {
        Meeting meeting = meetings.one(teamId, meetingId);
        return asText(meeting, typed(meeting));
    }

    private List<PageLine> typed(Meeting meeting) {
        return all(meeting).stream()
                .filter(l -> !l.isRemoved() && !l.text().isBlank())
                .toList();
    }

    private String asText(Meeting meeting, List<PageLine> typed) {
        Map<UUID, String> names = access.memberNames(meeting.teamId());
        StringBuilder text = new StringBuilder();
        Integer item = null;
        UUID aside = null;
        for (PageLine line : typed) {
            if (line.isBeside() && !line.memberId().equals(aside)) {
                aside = line.memberId();
                text.append("# ").append(BELOW).append(names.get(aside)).append('\n');
            } else if (!line.isBeside() && line.agendaItem() != null && !Objects.equals(line.agendaItem(), item)) {
                item = line.agendaItem();
                if (item < meeting.agenda().size()) {
                    text.append("# ").append(meeting.agenda().get(item)).append('\n');
                }
            }
            text.append("\t".repeat(line.indent())).append(line.text()).append('\n');
        }
        return text.toString();
    }

    private List<PageLine> all(Meeting meeting) {
        return lines.findByMeetingIdAndTeamIdOrderByBesideAscPositionAscNameAsc(meeting.id(), meeting.teamId());
    }

    private Meeting openFor(SignedIn who, UUID meetingId) {
        Meeting meeting = meetings.one(who.teamId(), meetingId);
        if (meeting.hasFolio()) {
            throw Refusal.conflict("The minutes of this meeting are filed; its page is closed.");
        }
        return meeting;
    }

    private Pen pen(Meeting meeting) {
        if (pens.readByMeetingIdAndTeamId(meeting.id(), meeting.teamId()).isEmpty()) {
            pens.lay(UUID.randomUUID(), meeting.teamId(), meeting.id(), clock.instant());
        }
        return pens.findByMeetingIdAndTeamId(meeting.id(), meeting.teamId()).orElseThrow();
    }

    private PenView tellPen(Meeting meeting, Pen pen) {
        PenView view = view(meeting.teamId(), pen);
        events.publishEvent(new Changed(meeting.id(), "pen", view));
        return view;
    }

    private PenView penView(Meeting meeting) {
        return pens.readByMeetingIdAndTeamId(meeting.id(), meeting.teamId())
                .map(pen -> view(meeting.teamId(), pen))
                .orElse(new PenView(null, null));
    }

    private PenView view(UUID teamId, Pen pen) {
        Map<UUID, String> names = access.memberNames(teamId);
        return new PenView(hand(pen.holder(clock.instant()), names), hand(pen.askedBy(), names));
    }

    private static @Nullable Hand hand(@Nullable UUID member, Map<UUID, String> names) {
        return member == null ? null : new Hand(member, names.getOrDefault(member, ""));
    }

    private Eyes eyes(Meeting meeting) {
        return new Eyes(
                meeting.facts(roster.everybody(meeting.teamId()).stream()
                        .map(RosterPerson::person)
                        .toList()),
                shorthand.of(meeting.teamId()),
                access.memberNames(meeting.teamId()));
    }

    /** Reads lines as the team's marks, abbreviations and roster say. */
    private record Eyes(MeetingFacts facts, Shorthand marks, Map<UUID, String> names) {
        PageLineView see(PageLine line) {
            NotedLine read = NotedLine.read(line.text(), facts, marks);
            boolean abbreviated = !marks.writtenOut(line.text()).equals(line.text());
            return new PageLineView(
                    line.name(),
                    line.stamp(),
                    line.position(),
                    line.indent(),
                    line.text(),
                    line.agendaItem(),
                    line.typedAt(),
                    line.isBeside(),
                    line.isRemoved(),
                    hand(line.memberId(), names),
                    Understood.of(read, abbreviated));
        }
    }
}
