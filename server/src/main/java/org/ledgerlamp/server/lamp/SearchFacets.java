package org.ledgerlamp.server.lamp;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.ledgerlamp.core.lamp.WordSearch.By;
import org.ledgerlamp.server.lamp.Findings.SearchFacet;
import org.ledgerlamp.server.ledger.FoundFolios;
import org.ledgerlamp.server.roster.RosterService;
import org.springframework.stereotype.Component;

/** By what a search can be narrowed further, from what was counted among all the places it found. */
@Component
class SearchFacets {
    private static final int MOST_EACH = 8;

    private final FoundFolios folios;
    private final RosterService roster;

    SearchFacets(FoundFolios folios, RosterService roster) {
        this.folios = folios;
        this.roster = roster;
    }

    List<SearchFacet> of(UUID teamId, PlaceSearch.Counted counted) {
        List<SearchFacet> facets = new ArrayList<>();
        counted.kinds().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .forEach(e ->
                        facets.add(new SearchFacet(By.KIND, e.getKey().name().toLowerCase(Locale.ROOT), e.getValue())));
        Map<UUID, String> names = roster.names(teamId);
        Map<String, Long> people = new HashMap<>();
        counted.speakers().forEach((name, n) -> {
            if (names.containsValue(name)) {
                people.merge(name, n, Long::sum);
            }
        });
        counted.owners().forEach((id, n) -> {
            if (names.containsKey(id)) {
                people.merge(names.get(id), n, Long::sum);
            }
        });
        people.entrySet().stream()
                .sorted(Map.Entry.<String, Long>comparingByValue().reversed().thenComparing(Map.Entry.comparingByKey()))
                .limit(MOST_EACH)
                .forEach(e -> facets.add(new SearchFacet(By.PERSON, e.getKey(), e.getValue())));
        Map<By, List<SearchFacet>> borne = new HashMap<>();
        folios.borne(teamId, counted.folios().keySet())
                .forEach(b -> borne.computeIfAbsent(By.valueOf(b.bearing().name()), by -> new ArrayList<>())
                        .add(new SearchFacet(By.valueOf(b.bearing().name()), b.name(), b.folios())));
        borne.entrySet().stream()
                .sorted(Comparator.comparing(Map.Entry::getKey))
                .forEach(e -> e.getValue().stream().limit(MOST_EACH).forEach(facets::add));
        return facets;
    }
}
