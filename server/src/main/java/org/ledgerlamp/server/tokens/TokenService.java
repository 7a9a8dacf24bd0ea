package org.ledgerlamp.server.tokens;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.MemberRemoved;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Keys;
import org.ledgerlamp.server.common.Refusal;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes tokens, knows whose they are, and revokes them. */
@Service
@Transactional
class TokenService {
    private static final int MOST = 30;
    /** By this a token is known as one of ours wherever it turns up. */
    private static final String PREFIX = "lamp_";

    private final AccessTokens tokens;
    private final AccessService access;
    private final Clock clock;

    TokenService(AccessTokens tokens, AccessService access, Clock clock) {
        this.tokens = tokens;
        this.access = access;
        this.clock = clock;
    }

    /** A token just made, and the words of it, which are told this once. */
    record Made(AccessToken token, String words) {}

    /** On whose behalf a token speaks, and for what. */
    record Holder(SignedIn who, Set<TokenUse> uses) {}

    /** A member's tokens, the latest first. */
    @Transactional(readOnly = true)
    public List<AccessToken> of(SignedIn who) {
        return tokens.findByMemberIdOrderByMadeAtDesc(who.memberId());
    }

    /**
     * Makes a token.
     *
     * @param lastDay the last day it is good on, or null for until it is revoked
     * @throws Refusal where the day has passed or the member has too many already
     */
    public Made make(SignedIn who, String name, Set<TokenUse> uses, @Nullable LocalDate lastDay) {
        if (lastDay != null && lastDay.isBefore(LocalDate.now(clock))) {
            throw Refusal.invalid("The last day of a token lies ahead, or there is none.");
        }
        if (of(who).size() >= MOST) {
            throw Refusal.conflict("You have " + MOST + " tokens; revoke one that is not used any more.");
        }
        String words = PREFIX + Keys.made();
        AccessToken token = new AccessToken(who, name.strip(), Keys.digest(words), uses, lastDay, clock.instant());
        return new Made(tokens.save(token), words);
    }

    /** @throws Refusal where the member has no such token */
    public void revoke(SignedIn who, UUID id) {
        tokens.delete(tokens.findByIdAndMemberId(id, who.memberId()).orElseThrow(() -> Refusal.notFound("token")));
    }

    /** Who stands behind a token, and notes that it was used; empty where it is none, revoked, or past its last day. */
    public Optional<Holder> holder(String words) {
        return tokens.findByDigest(Keys.digest(words))
                .filter(t -> t.isGoodOn(LocalDate.now(clock)))
                .flatMap(t -> access.inNameOf(t.teamId(), t.memberId())
                        .filter(who -> !who.isGuest())
                        .map(who -> {
                            t.used(clock.instant());
                            return new Holder(who, usesOf(who, t));
                        }));
    }

    /** A token lets nobody do what their own role does not. */
    private static Set<TokenUse> usesOf(SignedIn who, AccessToken token) {
        return who.role().writes()
                ? token.uses()
                : token.uses().stream().filter(use -> use == TokenUse.LOOK).collect(Collectors.toSet());
    }

    @EventListener
    void ended(MemberRemoved removed) {
        tokens.deleteAll(tokens.findByMemberIdOrderByMadeAtDesc(removed.memberId()));
    }
}
