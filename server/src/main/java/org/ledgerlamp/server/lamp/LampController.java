package org.ledgerlamp.server.lamp;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import org.ledgerlamp.server.access.SignedIn;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The lamp field over HTTP. */
@RestController
class LampController {
    private final LampService lamp;

    LampController(LampService lamp) {
        this.lamp = lamp;
    }

    @GetMapping("/api/lamp")
    Findings find(@AuthenticationPrincipal SignedIn who, @RequestParam @NotBlank @Size(max = 300) String q) {
        return lamp.find(who.teamId(), q);
    }
}
