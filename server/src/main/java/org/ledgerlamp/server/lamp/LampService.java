package org.ledgerlamp.server.lamp;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.lamp.WordSearch;
import org.ledgerlamp.server.lamp.Findings.Found;
import org.ledgerlamp.server.lamp.Findings.Hit;
import org.ledgerlamp.server.lamp.Findings.SearchPart;
import org.ledgerlamp.server.lamp.PlaceSearch.ByWords;
import org.ledgerlamp.server.lamp.PlaceSearch.Place;
import org.ledgerlamp.server.lamp.PlaceSearch.Reach;
import org.ledgerlamp.server.minutes.FolioTitles;
import org.ledgerlamp.server.minutes.FolioTitles.FolioTitle;
import org.ledgerlamp.server.minutes.MinutesLine;
import org.ledgerlamp.server.references.ReferenceLine;
import org.ledgerlamp.server.references.ReferenceNote;
import org.ledgerlamp.server.references.ReferenceService;
import org.ledgerlamp.server.tray.Passage;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Search through the lines of folios, the passages of the sources behind them, and reference notes. */
@Service
@Transactional(readOnly = true)
class LampService {
    private static final int MOST_HITS_PER_FOLIO = 8;
    /** How little the first ranks differ; as it is commonly chosen. */
    private static final int RANKS_ALIKE = 60;

    private final SearchNarrowing narrowing;
    private final PlaceSearch places;
    private final SearchFacets facets;
    private final FolioTitles titles;
    private final ReferenceService references;

    LampService(
            SearchNarrowing narrowing,
            PlaceSearch places,
            SearchFacets facets,
            FolioTitles titles,
            ReferenceService references) {
        this.narrowing = narrowing;
        this.places = places;
        this.facets = facets;
        this.titles = titles;
        this.references = references;
    }

    /** A place as it is shown, with its folio and how far from the best it stands. */
    private record Ranked(int rank, int folio, Hit hit) {}

    /** @param most how many places that have the words are given at most */
    Findings find(UUID teamId, String query, int most) {
        WordSearch search = WordSearch.read(query);
        SearchNarrowing.Read narrowed = narrowing.read(teamId, search.narrowings());
        Reach reach = Reach.ALL;
        ByWords byWords = places.byWords(search, reach, Set.of(), narrowed.placed(), most);
        if (byWords.total() == 0 && search.isPlain()) {
            Set<String> known = places.known(search, narrowed.placed());
            reach = Reach.LIKE;
            byWords = places.byWords(search, reach, known, narrowed.placed(), most);
            if (byWords.total() == 0) {
                reach = Reach.SOME;
                byWords = places.byWords(search, reach, known, narrowed.placed(), most);
            }
        }
        List<Place> alike = search.isPlain() ? places.byMeaning(search, narrowed.placed()) : List.of();
        return new Findings(
                query,
                search.words().strip(),
                search.narrowings().stream()
                        .map(n -> new SearchPart(
                                n.by(), n.value(), !narrowed.unknown().contains(n)))
                        .toList(),
                byWords.total(),
                reach,
                byFolio(teamId, fused(byWords.places(), alike)),
                facets.of(teamId, byWords.counted()));
    }

    /** Both rankings as one: what stands high in either stands high, in both higher (Cormack et al. 2009). */
    private static List<Ranked> fused(List<Place> byWords, List<Place> byMeaning) {
        Map<UUID, Double> scores = new LinkedHashMap<>();
        Map<UUID, Hit> hits = new LinkedHashMap<>();
        Map<UUID, Integer> folios = new LinkedHashMap<>();
        for (List<Place> ranking : List.of(byWords, byMeaning)) {
            for (int i = 0; i < ranking.size(); i++) {
                Place place = ranking.get(i);
                UUID id = place.entity().id();
                scores.merge(id, 1.0 / (RANKS_ALIKE + i), Double::sum);
                hits.putIfAbsent(id, hit(place, ranking == byMeaning));
                folios.put(id, place.folio());
            }
        }
        List<UUID> order = scores.entrySet().stream()
                .sorted(Comparator.comparing((Map.Entry<UUID, Double> e) -> -e.getValue()))
                .map(Map.Entry::getKey)
                .toList();
        List<Ranked> ranked = new ArrayList<>();
        for (UUID id : order) {
            ranked.add(new Ranked(ranked.size(), folios.get(id), hits.get(id)));
        }
        return ranked;
    }

    private List<Found> byFolio(UUID teamId, List<Ranked> ranked) {
        Map<Integer, List<Ranked>> byFolio = new LinkedHashMap<>();
        ranked.forEach(
                r -> byFolio.computeIfAbsent(r.folio(), f -> new ArrayList<>()).add(r));
        Map<Integer, FolioTitle> folios = titles.of(teamId, byFolio.keySet());
        List<Integer> others =
                byFolio.keySet().stream().filter(n -> !folios.containsKey(n)).toList();
        Map<Integer, ReferenceNote> notes = notes(teamId, others);
        List<Found> found = new ArrayList<>();
        byFolio.forEach((folio, hits) -> {
            if (folios.containsKey(folio)) {
                FolioTitle of = folios.get(folio);
                found.add(found(folio, of.title(), of.date(), of.series(), hits));
            } else if (notes.containsKey(folio)) {
                found.add(
                        found(folio, notes.get(folio).title(), notes.get(folio).dated(), null, hits));
            }
        });
        return found;
    }

    private Map<Integer, ReferenceNote> notes(UUID teamId, List<Integer> numbers) {
        return numbers.isEmpty()
                ? Map.of()
                : references.numbered(teamId, numbers).stream()
                        .collect(Collectors.toMap(ReferenceNote::folio, Function.identity()));
    }

    private static Found found(int folio, String title, LocalDate date, @Nullable String series, List<Ranked> hits) {
        List<Hit> shown = hits.stream()
                .sorted(Comparator.comparing((Ranked r) -> r.hit().line() == null)
                        .thenComparing(Ranked::rank))
                .limit(MOST_HITS_PER_FOLIO)
                .map(Ranked::hit)
                .toList();
        return new Found(folio, title, date, series, hits.size() - shown.size(), shown);
    }

    private static Hit hit(Place place, boolean alike) {
        return switch (place.entity()) {
            case MinutesLine line -> new Hit(line.number(), line.kind(), null, null, null, null, alike, place.text());
            case ReferenceLine line -> new Hit(line.number(), null, null, null, null, null, alike, place.text());
            case Passage p -> new Hit(null, null, p.sourceId(), p.n(), p.speaker(), p.startMs(), alike, place.text());
            default -> throw new IllegalStateException("no place: " + place.entity());
        };
    }
}
