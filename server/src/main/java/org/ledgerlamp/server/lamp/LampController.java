package org.ledgerlamp.server.lamp;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Turns;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The lamp field over HTTP. */
@RestController
class LampController {
    private final LampService lamp;
    private final Turns turns;

    LampController(LampService lamp, Turns turns) {
        this.lamp = lamp;
        this.turns = turns;
    }

    @Operation(summary = "Search the ledger")
    @GetMapping("/api/lamp")
    Findings find(
            @AuthenticationPrincipal SignedIn who,
            @RequestParam @NotBlank @Size(max = 300) String q,
            @RequestParam(defaultValue = "40") @Min(1) @Max(200) int most) {
        return turns.soon(() -> lamp.find(who.teamId(), q, most));
    }
}
