package org.ledgerlamp.server.audit;

import java.time.Clock;
import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.common.AuditKind;
import org.ledgerlamp.server.common.Audited;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** Writes the trail and reads it. */
@Service
@Transactional
class AuditTrail {
    private final AuditEntries entries;
    private final Clock clock;

    AuditTrail(AuditEntries entries, Clock clock) {
        this.entries = entries;
        this.clock = clock;
    }

    /** Joins the transaction it is noted in, which therefore must not be one that only reads. */
    @EventListener
    public void note(Audited audited) {
        entries.save(new AuditEntry(audited, clock.instant(), network()));
    }

    private static @Nullable String network() {
        return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes asked
                ? asked.getRequest().getRemoteAddr()
                : null;
    }

    /**
     * The team's entries before a time, latest first.
     *
     * @param kinds which ones, or none for all
     */
    @Transactional(readOnly = true)
    List<AuditEntry> before(UUID teamId, Instant before, Set<AuditKind> kinds, int most) {
        return entries.findByTeamIdAndAtBeforeAndKindInOrderByAtDescIdDesc(
                teamId, before, kinds.isEmpty() ? EnumSet.allOf(AuditKind.class) : kinds, Limit.of(most));
    }
}
