package org.ledgerlamp.server.registers;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.ledgerlamp.server.acts.ActKind;
import org.ledgerlamp.server.acts.ActService;
import org.ledgerlamp.server.acts.Course;
import org.ledgerlamp.server.links.LineLink;
import org.ledgerlamp.server.links.LinkEffect;
import org.ledgerlamp.server.links.LinkService;
import org.ledgerlamp.server.live.Changed;
import org.ledgerlamp.server.minutes.FolioChanged;
import org.ledgerlamp.server.minutes.LineKind;
import org.ledgerlamp.server.minutes.Minutes;
import org.ledgerlamp.server.minutes.MinutesLine;
import org.ledgerlamp.server.minutes.MinutesService;
import org.ledgerlamp.server.projections.Projection;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the registers' entries: within the transaction that changes a line, what is done about it, or what is said of it. */
@Component
@Transactional
class RegisterKeeper implements Projection {
    private static final Set<LineKind> KINDS = EnumSet.of(
            LineKind.ACTION,
            LineKind.DECISION,
            LineKind.QUESTION,
            LineKind.RISK,
            LineKind.HIGHLIGHT,
            LineKind.LOWLIGHT);

    private final RegisterEntries entries;
    private final MinutesService minutes;
    private final ActService acts;
    private final LinkService links;
    private final ApplicationEventPublisher events;

    RegisterKeeper(
            RegisterEntries entries,
            MinutesService minutes,
            ActService acts,
            LinkService links,
            ApplicationEventPublisher events) {
        this.entries = entries;
        this.minutes = minutes;
        this.acts = acts;
        this.links = links;
        this.events = events;
    }

    @Override
    public void on(FolioChanged change) {
        switch (change.what()) {
            case FILED, MEETING -> rebuild(minutes.one(change.teamId(), change.minutesId()));
            case LINE, STANDING -> {
                MinutesLine line = minutes.line(change.teamId(), change.lineId());
                keep(List.of(line), minutes.one(line.teamId(), line.minutesId()));
            }
            case TAKEN_BACK -> entries.deleteByMinutesId(change.minutesId());
            case ATTENDANCE -> {
                return;
            }
        }
        tell(change.teamId());
    }

    /** Enters all lines of a folio. */
    @Override
    public void rebuild(Minutes folio) {
        keep(minutes.lines(folio), folio);
    }

    @Override
    public void tidy(UUID teamId) {
        entries.deleteLost(teamId);
        tell(teamId);
    }

    private void keep(List<MinutesLine> lines, Minutes of) {
        List<UUID> ids = lines.stream().map(MinutesLine::id).toList();
        Map<UUID, Course> courses = acts.courses(of.teamId(), ids);
        Map<UUID, List<LineLink>> inked = links.inked(ids);
        Map<UUID, RegisterEntry> kept =
                entries.findAllById(ids).stream().collect(Collectors.toMap(RegisterEntry::id, Function.identity()));
        for (MinutesLine line : lines) {
            RegisterEntry entry = kept.get(line.id());
            if (line.folio() != null && KINDS.contains(line.kind())) {
                Course course = courses.getOrDefault(line.id(), Course.NONE);
                EntryStanding standing = standing(line, course, inked.getOrDefault(line.id(), List.of()));
                RegisterEntry entered = entry == null ? new RegisterEntry(line) : entry;
                entered.stand(line, of, course, standing);
                entries.save(entered);
            } else if (entry != null) {
                entries.delete(entry);
            }
        }
    }

    private static EntryStanding standing(MinutesLine line, Course course, List<LineLink> inked) {
        if (!course.isOpen()) {
            return course.last().kind() == ActKind.DONE ? EntryStanding.DONE : EntryStanding.DROPPED;
        }
        if (line.kind() != LineKind.DECISION) {
            boolean again = line.kind() == LineKind.ACTION && inked.stream().anyMatch(l -> l.laterLine() != null);
            return again ? EntryStanding.CONTINUED : EntryStanding.OPEN;
        }
        EntryStanding standing = EntryStanding.STANDS;
        for (LineLink link : inked) {
            if (link.effect() == LinkEffect.WITHDRAWS) {
                standing = EntryStanding.WITHDRAWN;
            } else if (link.effect() == LinkEffect.CHANGES) {
                standing = EntryStanding.CHANGED;
            }
        }
        return standing;
    }

    private void tell(UUID teamId) {
        events.publishEvent(new Changed(teamId, "registers", Map.of()));
    }
}
