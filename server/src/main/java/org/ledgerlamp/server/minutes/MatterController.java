package org.ledgerlamp.server.minutes;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.acts.ActService;
import org.ledgerlamp.server.meetings.MeetingService;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Matters arising and what is done about them, over HTTP. */
@RestController
class MatterController {
    private final MatterService matters;
    private final MeetingService meetings;

    MatterController(MatterService matters, MeetingService meetings) {
        this.matters = matters;
        this.meetings = meetings;
    }

    record Pulled(@NotNull UUID lineId) {}

    record DeedForAll(@NotEmpty @Size(max = 1000) List<@NotNull UUID> lines, @NotNull @Valid ActService.Deed deed) {}

    record ActsTakenBack(@NotEmpty @Size(max = 1000) List<@NotNull UUID> acts) {}

    @GetMapping("/api/meetings/{id}/matters")
    List<Matter> of(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return matters.of(meetings.one(who.teamId(), id));
    }

    @GetMapping("/api/meetings/{id}/matters/elsewhere")
    List<Matter> elsewhere(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String words) {
        return matters.elsewhere(who.teamId(), id, words);
    }

    @PostMapping("/api/meetings/{id}/matters")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void pull(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody Pulled pulled) {
        matters.pull(who.teamId(), id, pulled.lineId());
    }

    @DeleteMapping("/api/meetings/{id}/matters")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void letGo(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @RequestParam UUID line) {
        matters.letGo(who.teamId(), id, line);
    }

    @PostMapping("/api/lines/{id}/acts")
    Matter act(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody ActService.Deed deed) {
        return matters.act(who, id, deed);
    }

    /** Does the same about several lines. */
    @PostMapping("/api/acts")
    List<Matter> actOnAll(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody DeedForAll all) {
        return matters.actOnAll(who, all.lines(), all.deed());
    }

    /** Takes several acts back. */
    @PostMapping("/api/acts/taken-back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeAllBack(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody ActsTakenBack acts) {
        matters.takeAllBack(who.teamId(), acts.acts());
    }

    @DeleteMapping("/api/acts/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        matters.takeBack(who.teamId(), id);
    }
}
