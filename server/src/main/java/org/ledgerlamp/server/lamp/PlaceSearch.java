package org.ledgerlamp.server.lamp;

import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.hibernate.search.engine.search.aggregation.AggregationKey;
import org.hibernate.search.engine.search.common.BooleanOperator;
import org.hibernate.search.engine.search.common.ValueModel;
import org.hibernate.search.engine.search.predicate.SearchPredicate;
import org.hibernate.search.engine.search.predicate.dsl.TypedSearchPredicateFactory;
import org.hibernate.search.engine.search.query.SearchResult;
import org.hibernate.search.mapper.orm.Search;
import org.hibernate.search.mapper.orm.scope.SearchScope;
import org.hibernate.search.mapper.orm.session.SearchSession;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.lamp.WordSearch;
import org.ledgerlamp.core.language.SentenceVectors;
import org.ledgerlamp.server.common.TeamOwned;
import org.ledgerlamp.server.minutes.MinutesLine;
import org.ledgerlamp.server.references.ReferenceLine;
import org.ledgerlamp.server.tray.Passage;
import org.springframework.stereotype.Component;

/** Looks for places in the search index: by their words, and by what they mean. */
@Component
class PlaceSearch {
    private static final int MOST_FRAGMENTS = 3;
    private static final int MOST_ALIKE = 30;
    /** Folios and people that are counted, those with the most places. */
    private static final int MOST_COUNTED = 1000;
    /** A word this short is not taken for another one. */
    private static final int SHORTEST_MISSED = 4;
    /** In one this long two slips are forgiven. */
    private static final int LONG = 8;
    /** Words and a sentence that has nothing to do with them are up to 0.58 alike. */
    private static final float ALIKE = 0.6f;

    private final EntityManager entities;

    PlaceSearch(EntityManager entities) {
        this.entities = entities;
    }

    /** How the words are to be taken. */
    enum Reach {
        /** All of them stand there; the last one may be unfinished. */
        ALL,
        /** All stand there, or words that differ by a slip. */
        LIKE,
        /** One of them stands there, or nearly so. */
        SOME
    }

    /** A place that was found. */
    record Place(TeamOwned entity, List<Snippet> text) {
        /** Where it is of record; null where it no longer is, or not yet: the index is written beside the database. */
        @Nullable
        Integer folio() {
            return switch (entity) {
                case MinutesLine line -> line.folio();
                case ReferenceLine line -> line.folio();
                case Passage passage -> passage.folio();
                default -> throw new IllegalStateException("no place: " + entity);
            };
        }
    }

    private static List<Place> ofRecord(List<Place> found) {
        return found.stream().filter(p -> p.folio() != null).toList();
    }

    /**
     * What was found by words.
     *
     * @param total how many places there are, of which the first are given
     */
    record ByWords(long total, List<Place> places, Counted counted) {}

    /** Among all places found: how many are of each kind, each person's, and in each folio. */
    record Counted(
            Map<PlaceKind, Long> kinds,
            Map<UUID, Long> owners,
            Map<String, Long> speakers,
            Map<Integer, Long> folios) {}

    /** Those of the words that stand somewhere as they are, so that nothing near them has to be looked for. */
    Set<String> known(WordSearch search, Placed placed) {
        SearchSession session = Search.session(entities);
        return search.each().stream()
                .filter(word -> session.search(scope(session))
                                .where(f -> f.bool()
                                        .must(f.match().field("text").matching(word))
                                        .filter(placed.filter(f)))
                                .fetchTotalHitCount()
                        > 0)
                .collect(Collectors.toSet());
    }

    /**
     * @param known words that are not to be taken for a slip
     * @param most how many places are given at most
     */
    ByWords byWords(WordSearch search, Reach reach, Set<String> known, Placed placed, int most) {
        AggregationKey<Map<String, Long>> kinds = AggregationKey.of("kinds");
        AggregationKey<Map<UUID, Long>> owners = AggregationKey.of("owners");
        AggregationKey<Map<String, Long>> speakers = AggregationKey.of("speakers");
        AggregationKey<Map<Integer, Long>> folios = AggregationKey.of("folios");
        SearchSession session = Search.session(entities);
        boolean all = search.words().isBlank();
        SearchResult<Place> result = session.search(scope(session))
                .select(f -> f.composite()
                        .from(f.entity(), f.highlight("text"))
                        .as((entity, texts) -> new Place(entity, Snippet.of(String.join(" … ", texts)))))
                .where(f -> f.bool()
                        .must(all ? f.matchAll().toPredicate() : words(f, search, reach, known))
                        .filter(placed.filter(f)))
                .highlighter(f -> f.unified()
                        .tag(Snippet.ON, Snippet.OFF)
                        .numberOfFragments(MOST_FRAGMENTS)
                        .noMatchSize(Integer.MAX_VALUE))
                .sort(f -> all ? f.field("folio").desc() : f.score())
                .aggregation(kinds, f -> f.terms().field("place", String.class, ValueModel.INDEX))
                .aggregation(owners, f -> f.terms().field("ownerId", UUID.class).maxTermCount(MOST_COUNTED))
                .aggregation(
                        speakers, f -> f.terms().field("speaker", String.class).maxTermCount(MOST_COUNTED))
                .aggregation(
                        folios, f -> f.terms().field("folio", Integer.class).maxTermCount(MOST_COUNTED))
                .fetch(most);
        return new ByWords(
                result.total().hitCount(),
                ofRecord(result.hits()),
                new Counted(
                        result.aggregation(kinds).entrySet().stream()
                                .collect(Collectors.toMap(e -> PlaceKind.valueOf(e.getKey()), Map.Entry::getValue)),
                        result.aggregation(owners),
                        result.aggregation(speakers),
                        result.aggregation(folios)));
    }

    private static SearchScope<TeamOwned> scope(SearchSession session) {
        return session.scope(
                List.<Class<? extends TeamOwned>>of(MinutesLine.class, Passage.class, ReferenceLine.class));
    }

    private static SearchPredicate words(
            TypedSearchPredicateFactory<?> f, WordSearch search, Reach reach, Set<String> known) {
        String words = search.isPlain()
                ? String.join(" ", search.each())
                : search.words().strip();
        return switch (reach) {
            case ALL -> {
                SearchPredicate typed = matching(f, words, BooleanOperator.AND);
                yield search.isOpenEnded()
                        ? f.or(typed, matching(f, words + "*", BooleanOperator.AND))
                                .toPredicate()
                        : typed;
            }
            case LIKE ->
                f.and()
                        .with(and -> search.each().forEach(w -> and.add(nearly(f, w, known))))
                        .toPredicate();
            case SOME ->
                f.or().with(or -> search.each().forEach(w -> or.add(nearly(f, w, known))))
                        .toPredicate();
        };
    }

    private static SearchPredicate nearly(TypedSearchPredicateFactory<?> f, String word, Set<String> known) {
        int slips = word.length() < SHORTEST_MISSED ? 0 : word.length() < LONG ? 1 : 2;
        if (known.contains(word) || slips == 0) {
            return f.match().field("text").matching(word).toPredicate();
        }
        return f.match().field("text").matching(word).fuzzy(slips, 1).toPredicate();
    }

    private static SearchPredicate matching(TypedSearchPredicateFactory<?> f, String words, BooleanOperator join) {
        return f.simpleQueryString()
                .field("text")
                .matching(words)
                .defaultOperator(join)
                .toPredicate();
    }

    /** Lines of record and paragraphs that mean much the same as some words, the most alike first. */
    List<Place> byMeaning(WordSearch search, Placed placed) {
        float[] meaning = SentenceVectors.shared()
                .of(List.of(SentenceVectors.asked(search.words().strip())))[0];
        SearchSession session = Search.session(entities);
        return ofRecord(session.search(scope(session))
                .select(f -> f.composite()
                        .from(f.entity(), f.field("text", String.class))
                        .as((entity, text) -> new Place(entity, List.of(new Snippet(text, false)))))
                .where(f -> f.knn(MOST_ALIKE)
                        .field("meaning")
                        .matching(meaning)
                        .requiredMinimumSimilarity(ALIKE)
                        .filter(placed.filter(f)))
                .fetchHits(MOST_ALIKE));
    }
}
