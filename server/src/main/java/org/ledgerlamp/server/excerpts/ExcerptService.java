package org.ledgerlamp.server.excerpts;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.Block;
import org.ledgerlamp.core.exchange.Typesetter;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.AuditKind;
import org.ledgerlamp.server.common.Audited;
import org.ledgerlamp.server.common.Keys;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.minutes.FairCopies;
import org.ledgerlamp.server.minutes.Minutes;
import org.ledgerlamp.server.minutes.MinutesLine;
import org.ledgerlamp.server.minutes.MinutesService;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes excerpts of folios, shows them to whoever has their address, and keeps a log of it. */
@Service
@Transactional
class ExcerptService {
    private static final int MOST_WRONG = 10;
    private static final Duration PAUSE = Duration.ofMinutes(15);

    private final Excerpts excerpts;
    private final Openings openings;
    private final MinutesService minutes;
    private final FairCopies copies;
    private final PasswordEncoder passwords;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    ExcerptService(
            Excerpts excerpts,
            Openings openings,
            MinutesService minutes,
            FairCopies copies,
            PasswordEncoder passwords,
            ApplicationEventPublisher events,
            Clock clock) {
        this.events = events;
        this.excerpts = excerpts;
        this.openings = openings;
        this.minutes = minutes;
        this.copies = copies;
        this.passwords = passwords;
        this.clock = clock;
    }

    /** An excerpt just made, and what its address contains: it is told this once and kept nowhere. */
    record Made(Excerpt excerpt, String token) {}

    /** @throws Refusal where a line is none of the folio's record */
    Made make(
            SignedIn who,
            int folioNumber,
            List<UUID> lines,
            boolean passages,
            Duration open,
            @Nullable String passphrase) {
        Minutes folio = minutes.folio(who.teamId(), folioNumber);
        Set<UUID> record = minutes.lines(folio).stream()
                .filter(l -> l.folio() != null)
                .map(MinutesLine::id)
                .collect(Collectors.toSet());
        if (!record.containsAll(lines)) {
            throw Refusal.notFound("line of record");
        }
        String token = Keys.made();
        Instant now = clock.instant();
        Excerpt made = excerpts.saveAndFlush(new Excerpt(
                who,
                folio.id(),
                lines,
                passages,
                Keys.digest(token),
                passphrase == null || passphrase.isBlank() ? null : passwords.encode(passphrase.strip()),
                now,
                now.plus(open)));
        return new Made(made, token);
    }

    /** The excerpts of a folio, newest first. */
    @Transactional(readOnly = true)
    List<Excerpt> of(UUID teamId, int folioNumber) {
        return excerpts.findByMinutesIdOrderByMadeAtDesc(
                minutes.folio(teamId, folioNumber).id());
    }

    /** Who opened these, latest first. */
    @Transactional(readOnly = true)
    List<Opening> openings(List<Excerpt> of) {
        return openings.findByExcerptIdInOrderByOpenedAtDesc(
                of.stream().map(Excerpt::id).toList());
    }

    /** From now on it is shown to nobody. */
    Excerpt revoke(UUID teamId, UUID id) {
        Excerpt excerpt = excerpts.findByIdAndTeamId(id, teamId).orElseThrow(() -> Refusal.notFound("excerpt"));
        excerpt.revoke(clock.instant());
        return excerpt;
    }

    /**
     * What somebody is shown who has the address.
     *
     * @param page empty where a passphrase is asked for, and none or a wrong one was given
     * @param wrong whether a wrong one was given
     */
    record Shown(List<Block> page, boolean wrong, Instant until) {
        boolean isLocked() {
            return page.isEmpty();
        }
    }

    /**
     * Opens an excerpt for whoever has its address.
     *
     * @param sender the network address it is asked from
     * @throws Refusal 404 where there is none, it ran out or was revoked: which of these is not told; 429 where the
     *     passphrase was guessed at too often
     */
    Shown open(String token, @Nullable String passphrase, String sender) {
        Instant now = clock.instant();
        Excerpt excerpt = excerpts.findByDigest(Keys.digest(token))
                .filter(e -> e.isOpen(now))
                .orElseThrow(() -> Refusal.notFound("excerpt"));
        if (excerpt.passphrase() != null) {
            if (passphrase == null || passphrase.isBlank()) {
                return new Shown(List.of(), false, excerpt.expiresAt());
            }
            requirePatience(excerpt, now);
            if (!passwords.matches(passphrase.strip(), excerpt.passphrase())) {
                openings.save(new Opening(excerpt, now, sender, false));
                return new Shown(List.of(), true, excerpt.expiresAt());
            }
        }
        openings.save(new Opening(excerpt, now, sender, true));
        Minutes folio = minutes.one(excerpt.teamId(), excerpt.minutesId());
        events.publishEvent(new Audited(
                excerpt.teamId(),
                null,
                "whoever has the address",
                AuditKind.EXCERPT_OPENED,
                "of folio " + folio.folio()));
        return new Shown(page(excerpt, folio), false, excerpt.expiresAt());
    }

    private void requirePatience(Excerpt excerpt, Instant now) {
        long wrong = openings.countByExcerptIdAndGrantedFalseAndOpenedAtAfter(excerpt.id(), now.minus(PAUSE));
        if (wrong >= MOST_WRONG) {
            throw Refusal.tooOften("The passphrase was guessed at too often. Wait a quarter of an hour.");
        }
    }

    private List<Block> page(Excerpt excerpt, Minutes folio) {
        Set<UUID> chosen = new HashSet<>(excerpt.lineIds());
        Set<Integer> numbers = minutes.lines(folio).stream()
                .filter(l -> l.folio() != null && chosen.contains(l.id()))
                .map(MinutesLine::number)
                .collect(Collectors.toSet());
        return Typesetter.set(copies.of(folio).excerpt(numbers), excerpt.hasPassages());
    }
}
