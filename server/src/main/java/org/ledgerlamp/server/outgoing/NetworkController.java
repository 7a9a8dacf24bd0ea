package org.ledgerlamp.server.outgoing;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
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

/** The networks of our own that calendars and recorders may lie in, over HTTP. */
@RestController
@RequestMapping("/api/networks")
class NetworkController {
    private final NetworkService networks;
    private final Auditor auditor;

    NetworkController(NetworkService networks, Auditor auditor) {
        this.auditor = auditor;
        this.networks = networks;
    }

    /** @param network as {@code 10.20.0.0/16} */
    record NetworkView(UUID id, String network) {}

    record NetworkFacts(@NotBlank @Size(max = 60) String network) {}

    @GetMapping
    List<NetworkView> all(@AuthenticationPrincipal SignedIn who) {
        return networks.of(who.teamId()).stream()
                .map(n -> new NetworkView(n.id(), n.network().toString()))
                .toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void allow(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody NetworkFacts facts) {
        networks.allow(who.teamId(), facts.network());
        auditor.note(who, AuditKind.NETWORK_ALLOWED, facts.network());
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        auditor.note(who, AuditKind.NETWORK_CLOSED, networks.remove(who.teamId(), id));
    }
}
