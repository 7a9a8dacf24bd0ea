package org.ledgerlamp.server.lamp;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.hibernate.search.engine.search.common.ValueModel;
import org.hibernate.search.engine.search.predicate.SearchPredicate;
import org.hibernate.search.engine.search.predicate.dsl.BooleanPredicateClausesStep;
import org.hibernate.search.engine.search.predicate.dsl.TypedSearchPredicateFactory;
import org.jspecify.annotations.Nullable;

/**
 * What every place that is looked for is to have, besides the words.
 *
 * @param folios numbers of those it is to stand in, or null for all
 * @param without numbers of folios it is not to stand in
 * @param kinds of lines, said passages and notes; empty for all
 * @param owners ids of the people one of whom owns the line; empty for all
 * @param people who owns or says it; empty for all
 */
record Placed(
        UUID teamId,
        @Nullable Collection<Integer> folios,
        Collection<Integer> without,
        Set<PlaceKind> kinds,
        List<UUID> owners,
        List<Somebody> people) {
    /**
     * Somebody who is named.
     *
     * @param names under which they speak
     */
    record Somebody(UUID id, List<String> names) {}

    /** As a filter of the index. */
    <R> SearchPredicate filter(TypedSearchPredicateFactory<R> f) {
        BooleanPredicateClausesStep<R, ?> filter = f.bool()
                .filter(f.match().field("teamId").matching(teamId))
                .filter(f.exists().field("folio"));
        if (folios != null) {
            filter = filter.filter(
                    folios.isEmpty() ? f.matchNone() : f.terms().field("folio").matchingAny(folios));
        }
        if (!without.isEmpty()) {
            filter = filter.mustNot(f.terms().field("folio").matchingAny(without));
        }
        if (!kinds.isEmpty()) {
            filter = filter.filter(f.terms()
                    .field("place")
                    .matchingAny(kinds.stream().map(Enum::name).toList(), ValueModel.INDEX));
        }
        if (!owners.isEmpty()) {
            filter = filter.filter(f.terms().field("ownerId").matchingAny(owners));
        }
        if (!people.isEmpty()) {
            filter = filter.filter(f.or().with(or -> people.forEach(p -> {
                or.add(f.match().field("ownerId").matching(p.id()));
                or.add(f.terms().field("speaker").matchingAny(p.names()));
            })));
        }
        return filter.toPredicate();
    }
}
