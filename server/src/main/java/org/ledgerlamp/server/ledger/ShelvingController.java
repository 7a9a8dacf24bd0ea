package org.ledgerlamp.server.ledger;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Refusal;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Files folios under labels, and archives them, one or many at once. */
@RestController
@Transactional
class ShelvingController {
    private static final int MOST_BY_NUMBER = 20_000;

    private final FolioCards cards;
    private final FolioCardRows rows;
    private final LedgerList list;
    private final Labels labels;
    private final Labelled labelled;

    ShelvingController(FolioCards cards, FolioCardRows rows, LedgerList list, Labels labels, Labelled labelled) {
        this.cards = cards;
        this.rows = rows;
        this.list = list;
        this.labels = labels;
        this.labelled = labelled;
    }

    /**
     * What is to be done to some folios.
     *
     * @param folios their numbers; empty where all that fit are meant
     * @param fitting by what they are found, where all that fit are meant; otherwise null
     * @param ofArchived whether those are looked for among the archived ones
     * @param put the label they are filed under from now on, or null
     * @param take the label they are filed under no more, or null
     * @param archived whether they are archived from now on, or null where that stays
     */
    record Shelving(
            @NotNull @Size(max = MOST_BY_NUMBER) List<@NotNull Integer> folios,
            @Nullable List<String> fitting,
            boolean ofArchived,
            @Nullable UUID put,
            @Nullable UUID take,
            @Nullable Boolean archived) {}

    /** The folios that this changed: the opposite, done to them, takes it back. */
    record Shelved(List<Integer> changed) {}

    @PostMapping("/api/ledger/shelving")
    Shelved shelve(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody Shelving order) {
        List<FolioCard> meant = order.fitting() == null
                ? rows.findByTeamIdAndFolioIn(who.teamId(), order.folios())
                : list.all(who.teamId(), LedgerController.wanted(order.ofArchived(), order.fitting()));
        Set<UUID> changed = new HashSet<>();
        if (order.put() != null) {
            changed.addAll(labelled.put(label(who, order.put()), ids(meant)));
        }
        if (order.take() != null) {
            changed.addAll(labelled.take(label(who, order.take()), ids(meant)));
        }
        if (order.archived() != null) {
            meant.stream().filter(c -> c.isArchived() != order.archived()).forEach(card -> {
                card.setArchived(order.archived());
                changed.add(card.id());
            });
        }
        List<FolioCard> touched =
                meant.stream().filter(c -> changed.contains(c.id())).toList();
        cards.refile(touched);
        return new Shelved(touched.stream().map(FolioCard::folio).sorted().toList());
    }

    private UUID label(SignedIn who, UUID id) {
        return labels.findByIdAndTeamId(id, who.teamId())
                .orElseThrow(() -> Refusal.notFound("collection, project or tag"))
                .id();
    }

    private static Collection<UUID> ids(List<FolioCard> of) {
        return of.stream().map(FolioCard::id).toList();
    }
}
