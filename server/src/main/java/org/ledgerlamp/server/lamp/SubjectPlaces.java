package org.ledgerlamp.server.lamp;

import jakarta.persistence.EntityManager;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.hibernate.search.engine.search.common.BooleanOperator;
import org.hibernate.search.engine.search.query.SearchResult;
import org.hibernate.search.mapper.orm.Search;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.minutes.FolioTitles;
import org.ledgerlamp.server.minutes.LineKind;
import org.ledgerlamp.server.minutes.MinutesLine;
import org.ledgerlamp.server.references.ReferenceLine;
import org.ledgerlamp.server.references.ReferenceService;
import org.ledgerlamp.server.tray.Passage;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds the lines, passages and paragraphs of the ledger that hold all words of a subject. */
@Service
@Transactional(readOnly = true)
public class SubjectPlaces {
    private static final int MOST = 400;

    private final EntityManager entities;
    private final FolioTitles titles;
    private final ReferenceService references;

    SubjectPlaces(EntityManager entities, FolioTitles titles, ReferenceService references) {
        this.entities = entities;
        this.titles = titles;
        this.references = references;
    }

    /**
     * A place.
     *
     * @param line number of the line or paragraph, or null for a passage
     * @param kind what the line is, or null for a passage or paragraph
     * @param sourceId the source of a passage, or null
     * @param passage number of the passage, or null
     */
    public record SpokenPlace(
            String id,
            int folio,
            @Nullable Integer line,
            @Nullable LineKind kind,
            @Nullable UUID sourceId,
            @Nullable Integer passage,
            @Nullable String speaker,
            String title,
            LocalDate date,
            String text) {}

    /** What is of record before what was said. */
    private static final Comparator<SpokenPlace> IN_ORDER = Comparator.comparingInt(SpokenPlace::folio)
            .thenComparing(p -> p.line() == null)
            .thenComparing(p -> p.line() == null ? p.passage() : p.line())
            .thenComparing(SpokenPlace::id);

    /** @param more whether there are more than are read at once; lines come before passages */
    public record Found(List<SpokenPlace> places, boolean more) {}

    private record Named(String title, LocalDate date) {}

    /** What speaks of a subject, folio by folio. */
    public Found of(UUID teamId, String subject) {
        List<Object> found = new ArrayList<>();
        boolean more = search(teamId, subject, List.of(MinutesLine.class, ReferenceLine.class), found);
        more |= search(teamId, subject, List.of(Passage.class), found);
        Set<Integer> numbers = new TreeSet<>();
        found.forEach(hit -> numbers.add(folio(hit)));
        Map<Integer, Named> names = new HashMap<>();
        titles.of(teamId, numbers).values().forEach(f -> names.put(f.folio(), new Named(f.title(), f.date())));
        references.numbered(teamId, numbers).forEach(n -> names.put(n.folio(), new Named(n.title(), n.dated())));
        return new Found(
                found.stream()
                        .filter(hit -> names.containsKey(folio(hit)))
                        .map(hit -> place(hit, names.get(folio(hit))))
                        .sorted(IN_ORDER)
                        .toList(),
                more);
    }

    private boolean search(UUID teamId, String subject, List<Class<?>> among, List<Object> found) {
        SearchResult<Object> result = Search.session(entities)
                .search(Search.session(entities).scope(among))
                .where(f -> f.bool()
                        .must(f.simpleQueryString()
                                .field("text")
                                .matching(subject)
                                .defaultOperator(BooleanOperator.AND))
                        .filter(f.match().field("teamId").matching(teamId))
                        .filter(f.exists().field("folio")))
                .fetch(MOST);
        result.hits().stream().filter(hit -> folio(hit) != null).forEach(found::add);
        return result.total().hitCountLowerBound() > MOST;
    }

    private static @Nullable Integer folio(Object hit) {
        return switch (hit) {
            case MinutesLine line -> line.folio();
            case ReferenceLine line -> line.folio();
            default -> ((Passage) hit).folio();
        };
    }

    private static SpokenPlace place(Object hit, Named of) {
        return switch (hit) {
            case MinutesLine l ->
                new SpokenPlace(
                        l.id().toString(),
                        l.folio(),
                        l.number(),
                        l.kind(),
                        null,
                        null,
                        null,
                        of.title(),
                        of.date(),
                        l.text());
            case ReferenceLine l ->
                new SpokenPlace(
                        l.id().toString(),
                        l.folio(),
                        l.number(),
                        null,
                        null,
                        null,
                        null,
                        of.title(),
                        of.date(),
                        l.text());
            default -> {
                Passage p = (Passage) hit;
                yield new SpokenPlace(
                        p.id().toString(),
                        p.folio(),
                        null,
                        null,
                        p.sourceId(),
                        p.n(),
                        p.speaker(),
                        of.title(),
                        of.date(),
                        p.text());
            }
        };
    }
}
