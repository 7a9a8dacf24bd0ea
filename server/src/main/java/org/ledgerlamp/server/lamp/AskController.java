package org.ledgerlamp.server.lamp;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.SignedIn;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Questions over HTTP. A question can be long and has parts, so it is sent as a body; nothing is stored. */
@RestController
class AskController {
    private final AskService asks;

    AskController(AskService asks) {
        this.asks = asks;
    }

    /**
     * A question.
     *
     * @param reading how it is to be read, or null to read it
     * @param before how the question was read that it may lean on, or null where it is the first
     * @param where which part of the ledger is asked, or null for all of it
     */
    record LampQuestion(
            @NotBlank @Size(max = 300) String question,
            @Nullable QuestionReading reading,
            @Nullable QuestionReading before,
            @Nullable @Valid Scope where) {
        Scope scope() {
            return where == null ? Scope.LEDGER : where;
        }
    }

    @PostMapping("/api/ask")
    AskService.LampAnswer ask(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody LampQuestion asked) {
        return asks.ask(who.teamId(), asked);
    }
}
