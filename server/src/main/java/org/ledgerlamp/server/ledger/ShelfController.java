package org.ledgerlamp.server.ledger;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.ledger.Shelving;
import org.ledgerlamp.core.ledger.SubjectWord;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.ledger.LabelController.LabelView;
import org.ledgerlamp.server.links.FolioWords;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Where a folio stands among the others, over HTTP: what it is filed under, what it is about, and which others are. */
@RestController
@Transactional(readOnly = true)
class ShelfController {
    private static final int MOST_SUBJECTS = 8;

    private final FolioCards cards;
    private final FolioCardRows rows;
    private final FolioFacets facets;
    private final Labels labels;
    private final Labelled labelled;
    private final FolioWords words;

    ShelfController(
            FolioCards cards,
            FolioCardRows rows,
            FolioFacets facets,
            Labels labels,
            Labelled labelled,
            FolioWords words) {
        this.cards = cards;
        this.rows = rows;
        this.facets = facets;
        this.labels = labels;
        this.labelled = labelled;
        this.words = words;
    }

    /** @param label what there is, or null where it would be new */
    record Suggested(@Nullable UUID label, LabelSort sort, String name, String why) {}

    /** @param words what both are about */
    record RelatedFolio(int folio, CardSort sort, String title, LocalDate date, List<String> words) {}

    /** @param subjects what it is about, the most telling first */
    record Shelf(
            boolean archived,
            List<LabelView> labels,
            List<Suggested> suggestions,
            List<String> subjects,
            List<RelatedFolio> related) {}

    @GetMapping("/api/folios/{number}/shelf")
    Shelf shelf(@AuthenticationPrincipal SignedIn who, @PathVariable int number) {
        FolioCard card = cards.one(who.teamId(), number);
        List<Label> all = labels.findByTeamIdOrderBySortAscNameAsc(who.teamId());
        Set<UUID> filed = labelled.labelsOf(card.id());
        List<SubjectWord> subjects = words.of(card.id());
        List<FolioWords.Related> alike = words.related(who.teamId(), card.id());
        Map<UUID, FolioCard> others =
                rows
                        .findByTeamIdAndIdIn(
                                who.teamId(),
                                alike.stream().map(FolioWords.Related::folioId).toList())
                        .stream()
                        .collect(Collectors.toMap(FolioCard::id, Function.identity()));
        return new Shelf(
                card.isArchived(),
                all.stream()
                        .filter(l -> filed.contains(l.id()))
                        .map(LabelView::of)
                        .toList(),
                suggestions(card, all, filed, subjects, alike, others),
                subjects.stream().map(SubjectWord::word).limit(MOST_SUBJECTS).toList(),
                alike.stream()
                        .filter(r -> others.containsKey(r.folioId()))
                        .map(r -> related(others.get(r.folioId()), r))
                        .toList());
    }

    private static RelatedFolio related(FolioCard other, FolioWords.Related as) {
        return new RelatedFolio(other.folio(), other.sort(), other.title(), other.heldOn(), as.words());
    }

    private List<Suggested> suggestions(
            FolioCard card,
            List<Label> all,
            Set<UUID> filed,
            List<SubjectWord> subjects,
            List<FolioWords.Related> alike,
            Map<UUID, FolioCard> others) {
        Map<String, Integer> filedSo = card.series().isEmpty()
                ? new TreeMap<>()
                : facets.labelsOfSeries(card.teamId(), card.id(), card.series());
        Integer ofSeries = filedSo.remove("");
        List<Shelving.Alike> same = new ArrayList<>();
        for (FolioWords.Related r : alike) {
            if (others.containsKey(r.folioId())) {
                same.add(new Shelving.Alike(
                        others.get(r.folioId()).folio(), r.alike(), names(labelled.labelsOf(r.folioId()))));
            }
        }
        Shelving.Known known = new Shelving.Known(
                card.series().isEmpty() ? null : card.series(),
                Objects.requireNonNullElse(ofSeries, 0),
                filedSo,
                same,
                subjects,
                words.shared(card.teamId(), card.id()),
                names(filed));
        return Shelving.suggest(
                        known,
                        all.stream()
                                .map(l -> new Shelving.Label(
                                        l.id().toString(),
                                        Shelving.Sort.valueOf(l.sort().name()),
                                        l.name()))
                                .toList())
                .stream()
                .map(s -> new Suggested(
                        s.label() == null ? null : UUID.fromString(s.label()),
                        LabelSort.valueOf(s.sort().name()),
                        s.name(),
                        s.why()))
                .toList();
    }

    private static Set<String> names(Set<UUID> ids) {
        return ids.stream().map(UUID::toString).collect(Collectors.toSet());
    }
}
