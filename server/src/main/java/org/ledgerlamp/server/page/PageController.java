package org.ledgerlamp.server.page;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.ledgerlamp.server.access.SignedIn;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A meeting's page of notes over HTTP. */
@RestController
class PageController {
    private final PageService pages;

    PageController(PageService pages) {
        this.pages = pages;
    }

    record TypedLines(@NotNull @Size(min = 1, max = 1000) List<PageService.@NotNull @Valid Typed> lines) {}

    @GetMapping("/api/meetings/{id}/page")
    PageView read(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return pages.page(who, id);
    }

    @PutMapping("/api/meetings/{id}/page")
    List<PageView.PageLineView> write(
            @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody TypedLines typed) {
        return pages.write(who, id, typed.lines());
    }

    @PostMapping("/api/meetings/{id}/pen")
    PageView.PenView askForPen(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return pages.askForPen(who, id);
    }

    @DeleteMapping("/api/meetings/{id}/pen")
    PageView.PenView layDownPen(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return pages.layDownPen(who, id);
    }

    @PutMapping("/api/meetings/{id}/pen")
    PageView.PenView keepPen(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return pages.keepPen(who, id);
    }

    @PostMapping("/api/meetings/{id}/pen/seen")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void seen(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        pages.seen(who, id);
    }
}
