package org.ledgerlamp.server.citations;

import java.util.LinkedHashMap;
import java.util.Map;
import org.ledgerlamp.core.ledger.Citations;
import org.ledgerlamp.server.common.Written;
import org.ledgerlamp.server.live.Changed;
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
class CitationKeeper {
    private final CitationRows rows;
    private final CitableLines lines;
    private final ApplicationEventPublisher events;

    CitationKeeper(CitationRows rows, CitableLines lines, ApplicationEventPublisher events) {
        this.rows = rows;
        this.lines = lines;
        this.events = events;
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
