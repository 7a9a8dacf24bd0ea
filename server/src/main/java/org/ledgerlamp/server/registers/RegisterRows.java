package org.ledgerlamp.server.registers;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.acts.ActKind;
import org.ledgerlamp.server.links.LineLink;
import org.ledgerlamp.server.links.LinkEffect;
import org.ledgerlamp.server.links.LinkService;
import org.ledgerlamp.server.minutes.LineKind;
import org.ledgerlamp.server.minutes.LineState;
import org.ledgerlamp.server.minutes.Minutes;
import org.springframework.stereotype.Component;

/** Shows entries of registers with what later folios say of them. */
@Component
class RegisterRows {
    private final LinkService links;

    RegisterRows(LinkService links) {
        this.links = links;
    }

    /** What a later folio says of an entry. */
    record SaidLater(int folio, LocalDate date, LinkEffect effect, LineState state) {}

    /**
     * An entry of a register.
     *
     * @param due the day it is due now
     * @param ownerId who has it now
     * @param last what was done about it last
     * @param actId the act that did it, to be taken back
     * @param later what later folios say of it, in order
     */
    record RegisterRow(
            UUID lineId,
            int folio,
            int number,
            LineKind kind,
            String text,
            LocalDate heldOn,
            @Nullable String series,
            @Nullable UUID ownerId,
            @Nullable LocalDate due,
            EntryStanding standing,
            boolean contested,
            @Nullable ActKind last,
            @Nullable UUID actId,
            List<SaidLater> later) {}

    List<RegisterRow> of(UUID teamId, List<RegisterEntry> entries) {
        Map<UUID, List<LineLink>> later = entries.isEmpty()
                ? Map.of()
                : links.after(teamId, entries.stream().map(RegisterEntry::id).toList());
        Map<UUID, Minutes> folios = links.foliosOf(
                teamId, later.values().stream().flatMap(Collection::stream).toList());
        return entries.stream()
                .map(e -> row(e, later.getOrDefault(e.id(), List.of()), folios))
                .toList();
    }

    private static RegisterRow row(RegisterEntry e, List<LineLink> later, Map<UUID, Minutes> folios) {
        return new RegisterRow(
                e.id(),
                e.folio(),
                e.number(),
                e.kind(),
                e.text(),
                e.heldOn(),
                e.series(),
                e.ownerId(),
                e.due(),
                e.standing(),
                e.isContested(),
                e.lastAct(),
                e.actId(),
                later.stream()
                        .filter(l -> folios.containsKey(l.laterMinutes()))
                        .map(l -> new SaidLater(
                                folios.get(l.laterMinutes()).folio(),
                                folios.get(l.laterMinutes()).meeting().date(),
                                l.effect(),
                                l.state()))
                        .toList());
    }
}
