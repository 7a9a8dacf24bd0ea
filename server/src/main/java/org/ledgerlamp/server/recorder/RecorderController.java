package org.ledgerlamp.server.recorder;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.Auditor;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.AuditKind;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The team's recorders over HTTP. A secret is told once, when it is made. */
@RestController
@RequestMapping("/api/recorders")
class RecorderController {
    private final RecorderService recorders;
    private final Auditor auditor;

    RecorderController(RecorderService recorders, Auditor auditor) {
        this.auditor = auditor;
        this.recorders = recorders;
    }

    /** @param control address at which it takes commands, or null */
    record RecorderFacts(@NotBlank @Size(max = 120) String name, @Nullable @Size(max = 1000) String control) {}

    /** @param path where it delivers, on the application's own address */
    record RecorderView(UUID id, String name, String path, @Nullable String control, @Nullable Instant heardAt) {
        static RecorderView of(Recorder r) {
            return new RecorderView(
                    r.id(),
                    r.name(),
                    "/api/arrivals/" + r.box(),
                    r.control() == null ? null : r.control().toString(),
                    r.heardAt());
        }
    }

    /** A recorder just set up, and the secret that it shares with the application. */
    record SetUp(RecorderView recorder, String secret) {}

    @GetMapping
    List<RecorderView> all(@AuthenticationPrincipal SignedIn who) {
        return recorders.all(who.teamId()).stream().map(RecorderView::of).toList();
    }

    @PostMapping
    SetUp setUp(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody RecorderFacts facts) {
        String secret = recorders.freshSecret();
        Recorder recorder = recorders.setUp(who, facts.name(), facts.control(), secret, recorders.freshBox());
        auditor.note(who, AuditKind.RECORDER_SET_UP, recorder.name());
        return new SetUp(RecorderView.of(recorder), secret);
    }

    /** Takes a recorder away: nothing more is taken from it. What it brought stays. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        auditor.note(who, AuditKind.RECORDER_REMOVED, recorders.remove(who.teamId(), id));
    }
}
