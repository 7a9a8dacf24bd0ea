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

    /** @param reading how it is to be read, or null to read it */
    record Question(@NotBlank @Size(max = 300) String question, AskService.@Nullable Reading reading) {}

    @PostMapping("/api/ask")
    AskService.Answered ask(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody Question asked) {
        return asks.ask(who.teamId(), asked.question(), asked.reading());
    }
}
