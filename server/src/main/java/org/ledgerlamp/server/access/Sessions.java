package org.ledgerlamp.server.access;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.common.Keys;
import org.ledgerlamp.server.common.Refusal;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** The browsers that somebody is signed in with. */
@Component
class Sessions {
    /** What a session remembers of how it began: a description of the browser, and from where. */
    static final String BROWSER = "browser";

    static final String NETWORK = "network";

    private final FindByIndexNameSessionRepository<? extends Session> sessions;

    Sessions(FindByIndexNameSessionRepository<? extends Session> sessions) {
        this.sessions = sessions;
    }

    /**
     * A browser that somebody is signed in with.
     *
     * @param id a name for it that does not let anybody in
     * @param current whether it is the one that asks
     */
    record OpenSession(
            String id,
            @Nullable String browser,
            @Nullable String network,
            Instant begunAt,
            Instant usedAt,
            boolean current) {}

    /** @param own id of the session that asks, or null */
    List<OpenSession> of(SignedIn who, @Nullable String own) {
        return sessions.findByPrincipalName(who.getUsername()).values().stream()
                .filter(s -> !s.isExpired())
                .map(s -> new OpenSession(
                        Keys.digest(s.getId()),
                        s.getAttribute(BROWSER),
                        s.getAttribute(NETWORK),
                        s.getCreationTime(),
                        s.getLastAccessedTime(),
                        s.getId().equals(own)))
                .sorted(Comparator.comparing(OpenSession::usedAt).reversed())
                .toList();
    }

    /** @throws Refusal where the member has no such session */
    void end(SignedIn who, String id) {
        String found = sessions.findByPrincipalName(who.getUsername()).keySet().stream()
                .filter(s -> Keys.digest(s).equals(id))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("session"));
        sessions.deleteById(found);
    }

    /** Ends all sessions of an address but one. */
    void endAll(String email, @Nullable String but) {
        sessions.findByPrincipalName(email).keySet().stream()
                .filter(id -> !id.equals(but))
                .forEach(sessions::deleteById);
    }
}
