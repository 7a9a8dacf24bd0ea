package org.ledgerlamp.server.post;

import java.time.Clock;
import java.time.Instant;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.Letter;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.common.Secrets;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what goes out and what became of it. A letter is kept before it is sent. */
@Service
@Transactional
public class PostRoom {
    private static final int DISPATCHES_AT_ONCE = 50;

    private final OutgoingLetters letters;
    private final DispatchFiles files;
    private final Secrets secrets;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    PostRoom(
            OutgoingLetters letters,
            DispatchFiles files,
            Secrets secrets,
            ApplicationEventPublisher events,
            Clock clock) {
        this.secrets = secrets;
        this.letters = letters;
        this.files = files;
        this.events = events;
        this.clock = clock;
    }

    /** Letters were put out to be sent. */
    record PutOut() {}

    /** Puts the same letter out to several, to none of them twice. */
    public void putOut(Dispatch dispatch, List<Recipient> to, Letter letter) {
        Map<Recipient, Letter> each = new LinkedHashMap<>();
        to.forEach(r -> each.put(r, letter));
        putOut(dispatch, each, null);
    }

    /**
     * Puts a letter of their own out to each of several, to none of them twice.
     *
     * @param file what goes along with each of them, or null
     */
    public void putOut(Dispatch dispatch, Map<Recipient, Letter> to, @Nullable Enclosure file) {
        if (file != null) {
            files.save(new DispatchFile(dispatch.id(), file));
        }
        Set<String> served = new HashSet<>();
        Instant now = clock.instant();
        to.forEach((recipient, letter) -> {
            if (served.add(recipient.address().strip().toLowerCase(Locale.ROOT))) {
                letters.save(new OutgoingLetter(dispatch, recipient, letter, now));
            }
        });
        events.publishEvent(new PutOut());
    }

    /**
     * Puts out a letter with an address for its recipient alone, which stands where the letter says
     * {@link PrivateAddress#HERE}.
     */
    public void putOutPrivately(Dispatch dispatch, Recipient to, Letter letter, String privateAddress) {
        OutgoingLetter outgoing = new OutgoingLetter(dispatch, to, letter, clock.instant());
        outgoing.keepPrivate(secrets.hidden(privateAddress));
        letters.save(outgoing);
        events.publishEvent(new PutOut());
    }

    /** What goes along with the letters of a dispatch, if anything does. */
    @Transactional(readOnly = true)
    Optional<Enclosure> enclosure(UUID dispatch) {
        return files.findById(dispatch).map(DispatchFile::enclosure);
    }

    /** The letters of the latest dispatches before a time, newest first; all of a dispatch together. */
    @Transactional(readOnly = true)
    List<OutgoingLetter> latest(UUID teamId, Instant before, @Nullable UUID meetingId) {
        return letters.findByDispatchInOrderByWrittenAtDescNameAsc(
                letters.dispatches(teamId, before, meetingId, Limit.of(DISPATCHES_AT_ONCE)));
    }

    /** @throws Refusal where the team has no such letter */
    @Transactional(readOnly = true)
    OutgoingLetter one(UUID teamId, UUID id) {
        return letters.findByIdAndTeamId(id, teamId).orElseThrow(() -> Refusal.notFound("letter"));
    }

    /** Sends a letter as if for the first time: at once, also one that failed or was withdrawn. */
    OutgoingLetter sendAgain(UUID teamId, UUID id) {
        OutgoingLetter letter = one(teamId, id);
        if (letter.state() == OutgoingLetter.State.DELIVERED) {
            throw Refusal.conflict("It was delivered to " + letter.address() + " already.");
        }
        letter.sendAgain(clock.instant());
        events.publishEvent(new PutOut());
        return letter;
    }

    /** Withdraws a letter that has not gone out. */
    OutgoingLetter withdraw(UUID teamId, UUID id) {
        OutgoingLetter letter = one(teamId, id);
        if (letter.state() != OutgoingLetter.State.WAITING) {
            throw Refusal.conflict("Only what is still waiting can be withdrawn.");
        }
        letter.withdraw(clock.instant());
        return letter;
    }

    /** Tries whatever waits at once. */
    void hurry(UUID teamId) {
        letters.findByTeamIdAndState(teamId, OutgoingLetter.State.WAITING).forEach(l -> l.sendAgain(clock.instant()));
        events.publishEvent(new PutOut());
    }

    /** The teams that have letters to be sent now. */
    @Transactional(readOnly = true)
    List<UUID> teamsWithDue() {
        return letters.teamsWithDue(clock.instant());
    }

    /** The letters of a team to be sent now. */
    @Transactional(readOnly = true)
    List<UUID> due(UUID teamId, int most) {
        return letters.due(teamId, clock.instant(), Limit.of(most));
    }
}
