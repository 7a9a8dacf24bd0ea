package org.ledgerlamp.server.audit;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.CsvTable;
import org.ledgerlamp.server.access.Auditor;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.AuditKind;
import org.ledgerlamp.server.common.Downloads;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The audit trail over HTTP, for those who administer the team. */
@RestController
class AuditController {
    private static final int AT_ONCE = 200;
    private static final int MOST_EXPORTED = 100_000;

    private final AuditTrail trail;
    private final Auditor auditor;
    private final Clock clock;

    AuditController(AuditTrail trail, Auditor auditor, Clock clock) {
        this.trail = trail;
        this.auditor = auditor;
        this.clock = clock;
    }

    /** @param network from where it was asked for; null where it happened by itself */
    record AuditView(UUID id, Instant at, String who, AuditKind kind, String about, @Nullable String network) {
        static AuditView of(AuditEntry e) {
            return new AuditView(e.id(), e.at(), e.who(), e.kind(), e.about(), e.network());
        }
    }

    /** Latest first. {@code before} goes on where an earlier answer ended; {@code kind} asks for some kinds alone. */
    @GetMapping("/api/audit")
    List<AuditView> entries(
            @AuthenticationPrincipal SignedIn who,
            @RequestParam(required = false) @Nullable Instant before,
            @RequestParam(defaultValue = "") Set<AuditKind> kind) {
        return trail.before(who.teamId(), before == null ? soon() : before, kind, AT_ONCE).stream()
                .map(AuditView::of)
                .toList();
    }

    private Instant soon() {
        return clock.instant().plusSeconds(1);
    }

    /** The whole trail as a table. */
    @GetMapping("/api/audit/file")
    ResponseEntity<byte[]> file(@AuthenticationPrincipal SignedIn who) {
        auditor.note(who, AuditKind.EXPORTED, "the audit trail");
        List<List<?>> rows = trail.before(who.teamId(), soon(), Set.of(), MOST_EXPORTED).stream()
                .<List<?>>map(e -> java.util.Arrays.asList(
                        e.at().toString(), e.who(), e.kind().name(), e.about(), e.network()))
                .toList();
        return Downloads.of(
                "audit trail.csv",
                CsvTable.write(List.of("at", "who", "what", "about", "from"), rows)
                        .getBytes(StandardCharsets.UTF_8));
    }
}
