package org.ledgerlamp.server.registers;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.ledgerlamp.server.acts.ActKind;
import org.ledgerlamp.server.acts.ActService;
import org.ledgerlamp.server.acts.Course;
import org.ledgerlamp.server.links.LineLink;
import org.ledgerlamp.server.links.LinkEffect;
import org.ledgerlamp.server.links.LinkService;
import org.ledgerlamp.server.live.Changed;
import org.ledgerlamp.server.minutes.Filed;
import org.ledgerlamp.server.minutes.LineKind;
import org.ledgerlamp.server.minutes.LineOfRecord;
import org.ledgerlamp.server.minutes.Minutes;
import org.ledgerlamp.server.minutes.MinutesLine;
import org.ledgerlamp.server.minutes.MinutesService;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the registers' entries: within the transaction that changes a line, what is done about it, or what is said of it. */
@Component
@Transactional
class RegisterKeeper {
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

    /** Enters what was filed before there were registers; those folios are not linked either. */
    @EventListener(ApplicationReadyEvent.class)
    @Order(Ordered.HIGHEST_PRECEDENCE)
    void takeUp() {
        minutes.toLink().forEach(this::keep);
    }

    @EventListener
    void filed(Filed changed) {
        if (changed.filed()) {
            keep(minutes.one(changed.teamId(), changed.minutesId()));
        } else {
            entries.deleteByMinutesId(changed.minutesId());
        }
        tell(changed.teamId());
    }

    @EventListener
    void changed(LineOfRecord changed) {
        MinutesLine line = minutes.line(changed.teamId(), changed.lineId());
        keep(line, minutes.one(line.teamId(), line.minutesId()), acts.course(line.teamId(), line.id()));
        tell(changed.teamId());
    }

    /** Enters all lines of a folio. */
    void keep(Minutes folio) {
        List<MinutesLine> lines = minutes.lines(folio);
        Map<UUID, Course> courses =
                acts.courses(folio.teamId(), lines.stream().map(MinutesLine::id).collect(Collectors.toSet()));
        lines.forEach(line -> keep(line, folio, courses.getOrDefault(line.id(), Course.NONE)));
    }

    private void keep(MinutesLine line, Minutes of, Course course) {
        if (line.folio() == null || !KINDS.contains(line.kind())) {
            entries.findById(line.id()).ifPresent(entries::delete);
            return;
        }
        RegisterEntry entry = entries.findById(line.id()).orElseGet(() -> new RegisterEntry(line));
        entry.stand(line, of, course, standing(line, course));
        entries.save(entry);
    }

    private EntryStanding standing(MinutesLine line, Course course) {
        if (!course.isOpen()) {
            return course.last().kind() == ActKind.DONE ? EntryStanding.DONE : EntryStanding.DROPPED;
        }
        List<LineLink> inked = links.inked(line.id());
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
