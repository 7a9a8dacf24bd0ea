package org.ledgerlamp.server.minutes;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.minutes.Detail;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Versions;
import org.ledgerlamp.server.minutes.MinutesView.Attendee;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Drafts over HTTP: read, corrected, put into another form. */
@RestController
@Transactional
class MinutesController {
    private final DraftingDesk drafting;
    private final MinutesService minutes;
    private final MinutesSheet sheet;

    MinutesController(DraftingDesk drafting, MinutesService minutes, MinutesSheet sheet) {
        this.drafting = drafting;
        this.minutes = minutes;
        this.sheet = sheet;
    }

    record NewLine(
            @NotNull @Valid LineFacts facts,
            @Nullable UUID after,
            @NotNull @Size(max = 60) List<@NotNull Basis> evidence) {}

    record TemplateChoice(@NotBlank @Size(max = 80) String template, @Nullable Detail detail) {}

    record PresenceMark(@Nullable Boolean present) {}

    @GetMapping("/api/minutes/{id}")
    MinutesView one(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return sheet.view(minutes.one(who.teamId(), id));
    }

    /** Gives a draft another form, and begins to draft anew what nobody has touched. */
    @PutMapping("/api/minutes/{id}/template")
    @ResponseStatus(HttpStatus.ACCEPTED)
    DraftingView useTemplate(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @RequestBody TemplateChoice choice) {
        UUID meeting = minutes.toRedraft(who.teamId(), id, ifMatch);
        return drafting.begin(who, meeting, choice.template(), choice.detail());
    }

    @PostMapping("/api/minutes/{id}/lines")
    ResponseEntity<LineView> add(
            @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody NewLine line) {
        return tagged(minutes.add(who, id, line.facts(), line.after(), line.evidence()));
    }

    @PutMapping("/api/lines/{id}")
    ResponseEntity<LineView> change(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @RequestBody LineFacts facts) {
        return tagged(minutes.change(who, id, facts, ifMatch));
    }

    @PutMapping("/api/attendance/{id}")
    Attendee setPresent(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @RequestBody PresenceMark mark) {
        return Attendee.of(minutes.setPresent(who, id, mark.present(), ifMatch));
    }

    private static ResponseEntity<LineView> tagged(MinutesLine line) {
        return Versions.tagged(line.version(), LineView.of(line));
    }
}
