package org.ledgerlamp.server.ledger;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Refusal;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The views of the ledger that the member keeps, over HTTP. */
@RestController
@Transactional
class SavedViewController {
    private final SavedViews views;

    SavedViewController(SavedViews views) {
        this.views = views;
    }

    /** @param query the part of the ledger's address behind its question mark */
    record ViewOfLedger(UUID id, String name, String query) {
        static ViewOfLedger of(SavedView view) {
            return new ViewOfLedger(view.id(), view.name(), view.query());
        }
    }

    record ViewFacts(@NotBlank @Size(max = 80) String name, @NotNull @Size(max = 2000) String query) {}

    @GetMapping("/api/views")
    List<ViewOfLedger> all(@AuthenticationPrincipal SignedIn who) {
        return views.findByTeamIdAndMemberIdOrderByName(who.teamId(), who.memberId()).stream()
                .map(ViewOfLedger::of)
                .toList();
    }

    /** Keeps a view; one of the same name is replaced. */
    @PostMapping("/api/views")
    ViewOfLedger keep(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody ViewFacts facts) {
        String name = facts.name().strip();
        SavedView view = views.findByTeamIdAndMemberIdAndName(who.teamId(), who.memberId(), name)
                .orElseGet(() -> new SavedView(who, name));
        view.show(facts.query());
        return ViewOfLedger.of(views.save(view));
    }

    @DeleteMapping("/api/views/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forget(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        views.delete(views.findByIdAndTeamIdAndMemberId(id, who.teamId(), who.memberId())
                .orElseThrow(() -> Refusal.notFound("view")));
    }
}
