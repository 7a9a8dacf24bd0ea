package org.ledgerlamp.server.ledger;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.ledger.Facet.Value;
import org.ledgerlamp.server.ledger.LedgerList.Sorted;
import org.ledgerlamp.server.ledger.LedgerList.Wanted;
import org.ledgerlamp.server.roster.RosterService;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The list of folios, its facets and its calendar over HTTP. */
@RestController
@Transactional(readOnly = true)
class LedgerController {
    private final LedgerList list;
    private final FolioFacets facets;
    private final Labels labels;
    private final RosterService roster;

    LedgerController(LedgerList list, FolioFacets facets, Labels labels, RosterService roster) {
        this.list = list;
        this.facets = facets;
        this.labels = labels;
        this.roster = roster;
    }

    /** A folio or reference note in one row. */
    record Row(
            int folio,
            CardSort sort,
            String title,
            LocalDate date,
            @Nullable String series,
            @Nullable String kind,
            int decisions,
            int actions,
            int present) {
        static Row of(FolioCard card) {
            return new Row(
                    card.folio(),
                    card.sort(),
                    card.title(),
                    card.heldOn(),
                    card.series().isEmpty() ? null : card.series(),
                    card.kind().isEmpty() ? null : card.kind(),
                    card.decisions(),
                    card.actions(),
                    card.present());
        }
    }

    record LedgerPage(List<Row> rows, @Nullable String next) {}

    /**
     * One value of a facet.
     *
     * @param value what the ledger is filtered by
     * @param name what it is called
     * @param within the value it stands within, or null
     * @param folios how many folios have it, of those that have all that is wanted
     */
    record FacetValue(Facet facet, String value, String name, @Nullable String within, long folios) {}

    /**
     * By what the folios that fit can be narrowed further.
     *
     * @param total how many fit
     */
    record LedgerFacets(long total, List<FacetValue> values) {}

    /** @param facet what each folio is to have, such as {@code SERIES:Weekly status}; may be given several times */
    @GetMapping("/api/ledger")
    LedgerPage ledger(
            @AuthenticationPrincipal SignedIn who,
            @RequestParam(required = false) @Nullable List<String> facet,
            @RequestParam(defaultValue = "false") boolean archived,
            @RequestParam(defaultValue = "NONE") LedgerGroups groups,
            @RequestParam(defaultValue = "DATE") LedgerOrder by,
            @RequestParam(defaultValue = "true") boolean descending,
            @RequestParam(required = false) @Nullable String after) {
        LedgerList.Page page =
                list.page(who.teamId(), wanted(archived, facet), new Sorted(groups, by, descending), after);
        return new LedgerPage(page.cards().stream().map(Row::of).toList(), page.next());
    }

    @GetMapping("/api/ledger/facets")
    LedgerFacets facets(
            @AuthenticationPrincipal SignedIn who,
            @RequestParam(required = false) @Nullable List<String> facet,
            @RequestParam(defaultValue = "false") boolean archived) {
        Wanted wanted = wanted(archived, facet);
        List<FolioFacets.Count> counts = facets.counts(who.teamId(), archived, wanted.values());
        Map<UUID, Label> known = labels.findByTeamIdOrderBySortAscNameAsc(who.teamId()).stream()
                .collect(Collectors.toMap(Label::id, Function.identity()));
        Map<UUID, String> names = new HashMap<>(roster.names(who.teamId()));
        known.forEach((id, label) -> names.put(id, label.name()));
        long total = counts.stream()
                .filter(c -> c.value().equals(Value.OF_ALL))
                .mapToLong(FolioFacets.Count::folios)
                .sum();
        return new LedgerFacets(
                total,
                counts.stream()
                        .filter(c -> c.value().facet() != Facet.ALL)
                        .map(c -> view(c, names, known))
                        .filter(Objects::nonNull)
                        .toList());
    }

    private static @Nullable FacetValue view(
            FolioFacets.Count count, Map<UUID, String> names, Map<UUID, Label> labels) {
        Value value = count.value();
        return switch (value.facet()) {
            case COLLECTION, PROJECT, TAG, PERSON -> {
                UUID id = UUID.fromString(value.value());
                Label label = labels.get(id);
                UUID parent = label == null ? null : label.parentId();
                yield names.containsKey(id)
                        ? new FacetValue(
                                value.facet(),
                                value.value(),
                                names.get(id),
                                parent == null ? null : parent.toString(),
                                count.folios())
                        : null;
            }
            default -> new FacetValue(value.facet(), value.value(), value.value(), null, count.folios());
        };
    }

    /** The folios of a month, by day. */
    @GetMapping("/api/ledger/month")
    List<Row> month(
            @AuthenticationPrincipal SignedIn who,
            @RequestParam YearMonth month,
            @RequestParam(required = false) @Nullable List<String> facet,
            @RequestParam(defaultValue = "false") boolean archived) {
        return list.between(who.teamId(), wanted(archived, facet), month.atDay(1), month.atEndOfMonth()).stream()
                .map(Row::of)
                .toList();
    }

    static Wanted wanted(boolean archived, @Nullable List<String> facet) {
        return new Wanted(
                archived,
                facet == null ? List.of() : facet.stream().map(Value::read).toList());
    }
}
