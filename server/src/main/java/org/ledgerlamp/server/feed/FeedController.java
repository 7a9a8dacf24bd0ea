package org.ledgerlamp.server.feed;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.DueDaysFile;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.MemberRemoved;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Keys;
import org.ledgerlamp.server.common.OwnAddress;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.registers.DueActions;
import org.ledgerlamp.server.roster.RosterPerson;
import org.ledgerlamp.server.roster.RosterService;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Feeds of due dates over HTTP: made, taken back, and read by calendars, which know nothing but the address. */
@RestController
@Transactional
class FeedController {
    private static final MediaType CALENDAR = new MediaType("text", "calendar", StandardCharsets.UTF_8);

    private final DueFeeds feeds;
    private final DueActions actions;
    private final AccessService access;
    private final RosterService roster;
    private final OwnAddress address;
    private final Clock clock;

    FeedController(
            DueFeeds feeds,
            DueActions actions,
            AccessService access,
            RosterService roster,
            OwnAddress address,
            Clock clock) {
        this.feeds = feeds;
        this.actions = actions;
        this.access = access;
        this.roster = roster;
        this.address = address;
        this.clock = clock;
    }

    /**
     * Whether there is a feed of the member's.
     *
     * @param person whom of the roster it tells of, or null where nobody there has the member's address or name
     * @param madeAt since when, or null where there is none
     * @param address told once, when it is made; otherwise null
     */
    record FeedView(@Nullable String person, @Nullable Instant madeAt, @Nullable String address) {}

    @GetMapping("/api/feed")
    FeedView own(@AuthenticationPrincipal SignedIn who) {
        return new FeedView(
                roster.personOf(who.teamId(), who.name(), who.email())
                        .map(RosterPerson::name)
                        .orElse(null),
                feeds.findById(who.memberId()).map(DueFeed::madeAt).orElse(null),
                null);
    }

    /** Makes an address; one made before is good no longer. */
    @PostMapping("/api/feed")
    @ResponseStatus(HttpStatus.CREATED)
    FeedView make(@AuthenticationPrincipal SignedIn who) {
        RosterPerson self = roster.personOf(who.teamId(), who.name(), who.email())
                .orElseThrow(() ->
                        Refusal.conflict("Nobody on the roster has your mail address or your name: put yourself there"
                                + " first, so that it is known which due dates are yours."));
        String key = Keys.made();
        feeds.findById(who.memberId()).ifPresent(old -> {
            feeds.delete(old);
            feeds.flush();
        });
        DueFeed feed = feeds.save(new DueFeed(who, Keys.digest(key), clock.instant()));
        return new FeedView(self.name(), feed.madeAt(), address.of("/api/due/" + key));
    }

    @DeleteMapping("/api/feed")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void revoke(@AuthenticationPrincipal SignedIn who) {
        feeds.deleteById(who.memberId());
    }

    /** What a calendar reads. */
    @GetMapping("/api/due/{key}")
    @Transactional(readOnly = true)
    public ResponseEntity<byte[]> read(@PathVariable String key) {
        DueFeed feed = feeds.findByDigest(Keys.digest(key)).orElseThrow(() -> Refusal.notFound("feed"));
        Optional<RosterPerson> self = access.inNameOf(feed.teamId(), feed.memberId())
                .flatMap(m -> roster.personOf(feed.teamId(), m.name(), m.email()));
        List<DueDaysFile.Due> due =
                self.map(p -> actions.openWithDay(feed.teamId(), p.id())).orElse(List.of());
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .body(DueDaysFile.calendar(
                                "Due: " + self.map(RosterPerson::name).orElse(""), due)
                        .getBytes(StandardCharsets.UTF_8));
    }

    @EventListener
    void ended(MemberRemoved removed) {
        feeds.deleteById(removed.memberId());
    }
}
