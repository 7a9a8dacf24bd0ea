package org.ledgerlamp.server.lamp;

import jakarta.persistence.EntityManager;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.hibernate.search.engine.search.common.BooleanOperator;
import org.hibernate.search.engine.search.query.SearchResult;
import org.hibernate.search.mapper.orm.Search;
import org.hibernate.search.mapper.orm.scope.SearchScope;
import org.hibernate.search.mapper.orm.session.SearchSession;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.meetings.Meeting;
import org.ledgerlamp.server.minutes.LineKind;
import org.ledgerlamp.server.minutes.Minutes;
import org.ledgerlamp.server.minutes.MinutesLine;
import org.ledgerlamp.server.minutes.MinutesService;
import org.ledgerlamp.server.references.ReferenceLine;
import org.ledgerlamp.server.references.ReferenceNote;
import org.ledgerlamp.server.references.ReferenceService;
import org.ledgerlamp.server.tray.Passage;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Full-text search through the lines of folios and the passages of the sources behind them. */
@Service
@Transactional(readOnly = true)
class LampService {
    private static final int MOST_HITS = 200;
    private static final int MOST_HITS_PER_FOLIO = 8;
    private static final int MOST_FRAGMENTS = 3;

    private final EntityManager entities;
    private final MinutesService minutes;
    private final ReferenceService references;

    LampService(EntityManager entities, MinutesService minutes, ReferenceService references) {
        this.entities = entities;
        this.minutes = minutes;
        this.references = references;
    }

    /**
     * A place where it stands.
     *
     * @param line number of the line of a folio or the paragraph of a reference note, or null for a passage
     * @param kind what the line is, or null for a passage or a paragraph
     * @param sourceId the source, or null for a line
     * @param passage number of the passage, or null for a line
     */
    record Hit(
            @Nullable Integer line,
            @Nullable LineKind kind,
            @Nullable UUID sourceId,
            @Nullable Integer passage,
            @Nullable String speaker,
            @Nullable Integer startMs,
            List<Snippet> text) {}

    /** A folio and the places in it, lines before passages. */
    record Found(int folio, String title, LocalDate date, @Nullable String series, int more, List<Hit> hits) {}

    /**
     * What the ledger says.
     *
     * @param total places found in all
     * @param widened whether no place holds all the words, so that those holding some are shown
     */
    record Findings(String query, long total, boolean widened, List<Found> folios) {}

    private record Scored(float score, int folio, Hit hit) {}

    Findings find(UUID teamId, String query) {
        SearchResult<Scored> result = search(teamId, query, BooleanOperator.AND);
        boolean widened = result.hits().isEmpty();
        if (widened) {
            result = search(teamId, query, BooleanOperator.OR);
        }
        Map<Integer, List<Scored>> byFolio = new LinkedHashMap<>();
        result.hits().forEach(hit -> byFolio.computeIfAbsent(hit.folio(), f -> new ArrayList<>())
                .add(hit));
        Map<Integer, Minutes> folios = new LinkedHashMap<>();
        minutes.folios(teamId, byFolio.keySet()).forEach(m -> folios.put(m.folio(), m));
        Map<Integer, ReferenceNote> notes = new LinkedHashMap<>();
        references.numbered(teamId, byFolio.keySet()).forEach(n -> notes.put(n.folio(), n));
        List<Found> found = new ArrayList<>();
        byFolio.forEach((folio, hits) -> {
            if (folios.containsKey(folio)) {
                Meeting meeting = folios.get(folio).meeting();
                found.add(found(folio, meeting.title(), meeting.date(), meeting.series(), hits));
            } else if (notes.containsKey(folio)) {
                found.add(
                        found(folio, notes.get(folio).title(), notes.get(folio).dated(), null, hits));
            }
        });
        return new Findings(query, result.total().hitCountLowerBound(), widened && !found.isEmpty(), found);
    }

    private static Found found(int folio, String title, LocalDate date, @Nullable String series, List<Scored> hits) {
        List<Hit> shown = hits.stream()
                .sorted(Comparator.comparing((Scored s) -> s.hit().line() == null)
                        .thenComparing(s -> -s.score()))
                .limit(MOST_HITS_PER_FOLIO)
                .map(Scored::hit)
                .toList();
        return new Found(folio, title, date, series, hits.size() - shown.size(), shown);
    }

    private SearchResult<Scored> search(UUID teamId, String query, BooleanOperator join) {
        SearchSession session = Search.session(entities);
        SearchScope<Object> scope = session.scope(List.of(MinutesLine.class, Passage.class, ReferenceLine.class));
        return session.search(scope)
                .select(f -> f.composite()
                        .from(f.score(), f.entity(), f.highlight("text"))
                        .as(LampService::scored))
                .where(f -> f.bool()
                        .must(f.simpleQueryString()
                                .field("text")
                                .matching(query)
                                .defaultOperator(join))
                        .filter(f.match().field("teamId").matching(teamId))
                        .filter(f.exists().field("folio")))
                .highlighter(f -> f.unified()
                        .tag(Snippet.ON, Snippet.OFF)
                        .numberOfFragments(MOST_FRAGMENTS)
                        .noMatchSize(Integer.MAX_VALUE))
                .fetch(MOST_HITS);
    }

    private static Scored scored(Float score, Object entity, List<String> texts) {
        List<Snippet> text = Snippet.of(String.join(" … ", texts));
        if (entity instanceof MinutesLine line) {
            return new Scored(score, line.folio(), new Hit(line.number(), line.kind(), null, null, null, null, text));
        }
        if (entity instanceof ReferenceLine line) {
            return new Scored(score, line.folio(), new Hit(line.number(), null, null, null, null, null, text));
        }
        Passage p = (Passage) entity;
        return new Scored(score, p.folio(), new Hit(null, null, p.sourceId(), p.n(), p.speaker(), p.startMs(), text));
    }
}
