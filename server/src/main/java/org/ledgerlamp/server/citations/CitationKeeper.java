package org.ledgerlamp.server.citations;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.ledgerlamp.core.ledger.Citations;
import org.ledgerlamp.server.common.Written;
import org.ledgerlamp.server.live.Changed;
import org.ledgerlamp.server.minutes.FolioChanged;
import org.ledgerlamp.server.minutes.Minutes;
import org.ledgerlamp.server.minutes.MinutesService;
import org.ledgerlamp.server.projections.Projection;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps what written words cite. A number is looked up once, when it is written; from then on the citation leads to that
 * line, also where the line has another number by now and the words are changed around it.
 */
@Component
@Transactional
class CitationKeeper implements Projection {
    private final CitationRows rows;
    private final CitableLines lines;
    private final MinutesService minutes;
    private final ApplicationEventPublisher events;

    CitationKeeper(CitationRows rows, CitableLines lines, MinutesService minutes, ApplicationEventPublisher events) {
        this.minutes = minutes;
        this.rows = rows;
        this.lines = lines;
        this.events = events;
    }

    /** Words are looked at when they are written, wherever that is. */
    @Override
    public void on(FolioChanged change) {
        // What a line says comes as words.
    }

    @Override
    public void rebuild(Minutes folio) {
        minutes.lines(folio).stream().filter(l -> l.folio() != null).forEach(l -> written(l.written(folio)));
    }

    @Override
    public void tidy(UUID teamId) {
        rows.deleteLost(teamId);
    }

    @EventListener
    void written(Written words) {
        Map<String, Citations.Citation> cited = new LinkedHashMap<>();
        Citations.in(words.text()).forEach(c -> cited.putIfAbsent(c.written(), c));
        boolean changed = false;
        for (Citation kept : rows.findByPlaceId(words.id())) {
            if (cited.remove(kept.written()) == null) {
                rows.delete(kept);
                changed = true;
            }
        }
        for (Citations.Citation citation : cited.values()) {
            changed |= lines.numbered(words.teamId(), citation.folio(), citation.number())
                    .filter(line -> !line.id().equals(words.id()))
                    .map(line -> rows.save(new Citation(words, citation, line)))
                    .isPresent();
        }
        if (changed) {
            events.publishEvent(
                    new Changed(words.memberId() == null ? words.teamId() : words.memberId(), "citations", Map.of()));
        }
    }
}
