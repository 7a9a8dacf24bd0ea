package org.ledgerlamp.server.erasing;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import org.ledgerlamp.server.access.SignedIn;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Deleting folios for good, by those who administer the team. */
@RestController
class ErasingController {
    private final FolioEraser eraser;

    ErasingController(FolioEraser eraser) {
        this.eraser = eraser;
    }

    record ErasingWish(@NotBlank @Size(max = 500) String reason) {}

    /** What would go with a folio. */
    @GetMapping("/api/folios/{number}/erasing")
    FolioEraser.Goes goes(@AuthenticationPrincipal SignedIn who, @PathVariable int number) {
        return eraser.goes(who.teamId(), number);
    }

    /** Deletes a folio and everything that quotes it. */
    @PostMapping("/api/folios/{number}/erasing")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void erase(@AuthenticationPrincipal SignedIn who, @PathVariable int number, @Valid @RequestBody ErasingWish wish) {
        eraser.erase(who, number, wish.reason().strip());
    }
}
