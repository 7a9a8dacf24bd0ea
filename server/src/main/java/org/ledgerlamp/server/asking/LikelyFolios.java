package org.ledgerlamp.server.asking;

import jakarta.persistence.EntityManager;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.hibernate.search.engine.search.predicate.dsl.SimpleBooleanPredicateClausesCollector;
import org.hibernate.search.engine.search.predicate.dsl.TypedSearchPredicateFactory;
import org.hibernate.search.mapper.orm.Search;
import org.hibernate.search.mapper.orm.session.SearchSession;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.lamp.Sought;
import org.ledgerlamp.server.common.TeamOwned;
import org.ledgerlamp.server.minutes.MinutesLine;
import org.ledgerlamp.server.references.ReferenceLine;
import org.ledgerlamp.server.tray.Passage;
import org.springframework.stereotype.Component;

/** Finds by the search index which folios speak of a subject most. */
@Component
class LikelyFolios {
    private static final int MOST_PLACES = 400;
    /** So many of a folio's best places tell how much it speaks of the subject. */
    private static final int PLACES_OF_A_FOLIO = 4;

    private final EntityManager entities;

    LikelyFolios(EntityManager entities) {
        this.entities = entities;
    }

    private record Place(float score, Integer folio) {}

    /**
     * Numbers of folios, the likeliest first.
     *
     * @param among the folios looked at, or null for all
     */
    List<Integer> of(UUID teamId, Sought sought, @Nullable Collection<Integer> among, int most) {
        return numbers(List.of(MinutesLine.class, Passage.class), teamId, sought, among, most);
    }

    /** Numbers of reference notes, the likeliest first. */
    List<Integer> notes(UUID teamId, Sought sought, int most) {
        return numbers(List.of(ReferenceLine.class), teamId, sought, null, most);
    }

    private List<Integer> numbers(
            List<Class<? extends TeamOwned>> kinds,
            UUID teamId,
            Sought sought,
            @Nullable Collection<Integer> among,
            int most) {
        if (sought.terms().isEmpty() || among != null && among.isEmpty()) {
            return List.of();
        }
        SearchSession session = Search.session(entities);
        List<Place> places = session.search(session.scope(kinds))
                .select(f -> f.composite()
                        .from(f.score(), f.field("folio", Integer.class))
                        .as(Place::new))
                .where((f, root) -> {
                    root.add(f.match()
                            .field("teamId")
                            .matching(teamId)
                            .constantScore()
                            .boost(0));
                    root.add(f.exists().field("folio").constantScore().boost(0));
                    if (among != null) {
                        root.add(f.terms()
                                .field("folio")
                                .matchingAny(among)
                                .constantScore()
                                .boost(0));
                    }
                    root.add(f.or().with(or -> sought.terms().forEach(term -> add(term, f, or))));
                })
                .fetchHits(MOST_PLACES);
        Map<Integer, Float> scores = new HashMap<>();
        Map<Integer, Integer> counted = new HashMap<>();
        for (Place place : places) {
            if (counted.merge(place.folio(), 1, Integer::sum) <= PLACES_OF_A_FOLIO) {
                scores.merge(place.folio(), place.score(), Float::sum);
            }
        }
        return scores.entrySet().stream()
                .sorted(Comparator.comparing((Map.Entry<Integer, Float> e) -> -e.getValue())
                        .thenComparing(Map.Entry::getKey))
                .limit(most)
                .map(Map.Entry::getKey)
                .toList();
    }

    private static void add(
            Sought.Term term, TypedSearchPredicateFactory<?> f, SimpleBooleanPredicateClausesCollector<?, ?> or) {
        for (String stem : term.stems()) {
            or.add(f.match().field("text").matching(stem).boost((float) term.weight()));
        }
    }
}
