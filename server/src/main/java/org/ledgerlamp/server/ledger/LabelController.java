package org.ledgerlamp.server.ledger;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.common.Versions;
import org.ledgerlamp.server.live.Changed;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Collections, projects and tags over HTTP. */
@RestController
@Transactional
class LabelController {
    private final Labels labels;
    private final Labelled labelled;
    private final FolioCards cards;
    private final FolioCardRows rows;
    private final ApplicationEventPublisher events;

    LabelController(
            Labels labels, Labelled labelled, FolioCards cards, FolioCardRows rows, ApplicationEventPublisher events) {
        this.labels = labels;
        this.labelled = labelled;
        this.cards = cards;
        this.rows = rows;
        this.events = events;
    }

    /** @param parentId the collection it stands within, or null */
    record LabelView(UUID id, int version, LabelSort sort, String name, @Nullable UUID parentId) {
        static LabelView of(Label label) {
            return new LabelView(label.id(), label.version(), label.sort(), label.name(), label.parentId());
        }
    }

    record LabelFacts(@NotNull LabelSort sort, @NotBlank @Size(max = 80) String name, @Nullable UUID parentId) {}

    /** The folios that were filed under a label when it was removed. */
    record Removed(List<Integer> folios) {}

    @GetMapping("/api/labels")
    List<LabelView> all(@AuthenticationPrincipal SignedIn who) {
        return labels.findByTeamIdOrderBySortAscNameAsc(who.teamId()).stream()
                .map(LabelView::of)
                .toList();
    }

    @PostMapping("/api/labels")
    @ResponseStatus(HttpStatus.CREATED)
    LabelView add(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody LabelFacts facts) {
        refuseTwin(who.teamId(), facts, null);
        checkPlace(who.teamId(), facts, null);
        Label label = labels.saveAndFlush(new Label(who.teamId(), facts.sort(), facts.name(), facts.parentId()));
        tell(who.teamId());
        return LabelView.of(label);
    }

    @PutMapping("/api/labels/{id}")
    LabelView change(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @RequestBody LabelFacts facts) {
        Label label = one(who.teamId(), id);
        Versions.require(ifMatch, label.version(), () -> LabelView.of(label));
        refuseTwin(who.teamId(), facts, id);
        checkPlace(who.teamId(), facts, id);
        label.change(facts.name(), facts.parentId());
        labels.saveAndFlush(label);
        cards.refile(rows.findByTeamIdAndIdIn(who.teamId(), labelled.foliosUnder(id)));
        tell(who.teamId());
        return LabelView.of(label);
    }

    /** Removes a label from the team and from all folios; whoever has the answer can put it back. */
    @DeleteMapping("/api/labels/{id}")
    Removed remove(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        Label label = one(who.teamId(), id);
        if (labels.existsByParentId(id)) {
            throw Refusal.conflict("Other collections stand within " + label.name() + ": move or remove them first.");
        }
        List<FolioCard> under = rows.findByTeamIdAndIdIn(who.teamId(), labelled.foliosUnder(id));
        labelled.take(id, labelled.foliosUnder(id));
        labels.delete(label);
        cards.refile(under);
        tell(who.teamId());
        return new Removed(under.stream().map(FolioCard::folio).sorted().toList());
    }

    private Label one(UUID teamId, UUID id) {
        return labels.findByIdAndTeamId(id, teamId).orElseThrow(() -> Refusal.notFound("collection, project or tag"));
    }

    private void refuseTwin(UUID teamId, LabelFacts facts, @Nullable UUID self) {
        labels.findByTeamIdAndSortAndName(teamId, facts.sort(), facts.name().strip())
                .filter(twin -> !twin.id().equals(self))
                .ifPresent(twin -> {
                    throw Refusal.conflict("There is a " + facts.sort().name().toLowerCase(Locale.ROOT) + " "
                            + twin.name() + " already.");
                });
    }

    /** Collections are nested once. */
    private void checkPlace(UUID teamId, LabelFacts facts, @Nullable UUID self) {
        if (facts.parentId() == null) {
            return;
        }
        Label parent = one(teamId, facts.parentId());
        boolean fits = facts.sort() == LabelSort.COLLECTION
                && parent.sort() == LabelSort.COLLECTION
                && parent.parentId() == null
                && !parent.id().equals(self)
                && (self == null || !labels.existsByParentId(self));
        if (!fits) {
            throw Refusal.invalid("A collection stands in one other, and that one in none.");
        }
    }

    private void tell(UUID teamId) {
        events.publishEvent(new Changed(teamId, "ledger", Map.of()));
    }
}
