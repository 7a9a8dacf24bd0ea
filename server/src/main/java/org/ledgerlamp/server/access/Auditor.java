package org.ledgerlamp.server.access;

import org.ledgerlamp.server.common.AuditKind;
import org.ledgerlamp.server.common.Audited;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/** Notes for the audit trail what a member did. */
@Component
public class Auditor {
    private final ApplicationEventPublisher events;

    Auditor(ApplicationEventPublisher events) {
        this.events = events;
    }

    /** @param about what it was done to, in words */
    public void note(SignedIn who, AuditKind kind, String about) {
        events.publishEvent(new Audited(who.teamId(), who.memberId(), who.name(), kind, about));
    }
}
