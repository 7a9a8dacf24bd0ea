package org.ledgerlamp.server.ledger;

import java.util.Collection;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.ledger.Facet.Value;
import org.ledgerlamp.server.live.Changed;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the ledger's cards and by what each is found. */
@Service
@Transactional
public class FolioCards {
    /** How the ledger calls the kind of a reference note, which is of no kind of meeting. */
    private static final String KIND_OF_NOTES = "Reference note";

    private static final Set<Facet> OF_LABELS = Set.of(Facet.COLLECTION, Facet.PROJECT, Facet.TAG);

    private final FolioCardRows cards;
    private final FolioFacets facets;
    private final Labelled labelled;
    private final Labels labels;
    private final ApplicationEventPublisher events;

    FolioCards(
            FolioCardRows cards,
            FolioFacets facets,
            Labelled labelled,
            Labels labels,
            ApplicationEventPublisher events) {
        this.cards = cards;
        this.facets = facets;
        this.labelled = labelled;
        this.labels = labels;
        this.events = events;
    }

    /** Shows a folio in the ledger, or how it stands now. It stays where it is filed, and archived if it was. */
    public void keep(CardFacts facts) {
        FolioCard card = cards.findById(facts.id()).orElseGet(() -> new FolioCard(facts));
        card.show(facts);
        cards.saveAndFlush(card);
        Set<Value> values = new TreeSet<>(Set.of(Value.OF_ALL, Facet.period(facts.heldOn())));
        if (!card.series().isEmpty()) {
            values.add(new Value(Facet.SERIES, card.series()));
        }
        if (facts.sort() == CardSort.NOTE) {
            values.add(new Value(Facet.KIND, KIND_OF_NOTES));
        } else if (!card.kind().isEmpty()) {
            values.add(new Value(Facet.KIND, card.kind()));
        }
        facts.people().forEach(p -> values.add(new Value(Facet.PERSON, p.toString())));
        values.addAll(filedUnder(card));
        facets.set(card.teamId(), card.id(), card.isArchived(), values);
        tell(card.teamId());
    }

    /** Takes out of the ledger what is no folio any more. What it was filed under is remembered. */
    public void remove(UUID teamId, UUID id) {
        cards.findById(id).ifPresent(card -> {
            facets.set(teamId, id, card.isArchived(), Set.of());
            cards.delete(card);
            tell(teamId);
        });
    }

    /** Counts anew how many folios are found by what. */
    void recount(UUID teamId) {
        facets.recount(teamId);
        tell(teamId);
    }

    /** @throws Refusal where the team has no folio or reference note of this number */
    FolioCard one(UUID teamId, int folio) {
        return cards.findByTeamIdAndFolio(teamId, folio).orElseThrow(() -> Refusal.notFound("folio"));
    }

    /** Says how cards are filed and whether they are archived, after that was changed. */
    void refile(Collection<FolioCard> changed) {
        for (FolioCard card : changed) {
            Set<Value> values = facets.of(card.id()).stream()
                    .filter(v -> !OF_LABELS.contains(v.facet()))
                    .collect(Collectors.toCollection(TreeSet::new));
            values.addAll(filedUnder(card));
            facets.set(card.teamId(), card.id(), card.isArchived(), values);
        }
        changed.stream().map(FolioCard::teamId).distinct().forEach(this::tell);
    }

    /** The labels of a folio, and the collections these stand within. */
    private Set<Value> filedUnder(FolioCard card) {
        Set<UUID> ids = labelled.labelsOf(card.id());
        Set<Value> values = new TreeSet<>();
        if (!ids.isEmpty()) {
            Map<UUID, Label> known = labels.findByTeamIdAndIdIn(card.teamId(), ids).stream()
                    .collect(Collectors.toMap(Label::id, Function.identity()));
            for (Label label : known.values()) {
                values.add(label.value());
                if (label.parentId() != null) {
                    values.add(new Value(Facet.COLLECTION, label.parentId().toString()));
                }
            }
        }
        return values;
    }

    private void tell(UUID teamId) {
        events.publishEvent(new Changed(teamId, "ledger", Map.of()));
    }
}
