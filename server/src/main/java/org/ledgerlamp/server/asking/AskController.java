package org.ledgerlamp.server.asking;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Downloads;
import org.ledgerlamp.server.common.Turns;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Questions over HTTP. A question can be long and has parts, so it is sent as a body; nothing is stored. */
@RestController
class AskController {
    private final AskService asks;
    private final AnswerSheets sheets;
    private final Turns turns;

    AskController(AskService asks, AnswerSheets sheets, Turns turns) {
        this.asks = asks;
        this.sheets = sheets;
        this.turns = turns;
    }

    @Operation(summary = "Ask the ledger")
    @PostMapping("/api/ask")
    LampAnswer ask(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody LampQuestion asked) {
        return turns.take(() -> asks.ask(who.teamId(), asked));
    }

    /** The answer as a file, with all it rests on. */
    @PostMapping("/api/ask/file")
    ResponseEntity<byte[]> file(
            @AuthenticationPrincipal SignedIn who,
            @RequestParam AnswerForm form,
            @Valid @RequestBody LampQuestion asked) {
        return Downloads.of(
                "answer." + form, form.write(sheets.of(asked, turns.take(() -> asks.ask(who.teamId(), asked)))));
    }
}
