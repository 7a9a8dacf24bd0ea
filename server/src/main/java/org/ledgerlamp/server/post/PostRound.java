package org.ledgerlamp.server.post;

import java.time.Clock;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import org.ledgerlamp.core.exchange.Letter;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.common.Secrets;
import org.ledgerlamp.server.live.Changed;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Takes one letter to the mail server and remembers what became of it; no transaction is open on the way. */
@Component
class PostRound {
    private final PostRoom room;
    private final OutgoingLetters letters;
    private final MailAccounts accounts;
    private final AccessService access;
    private final Secrets secrets;
    private final ApplicationEventPublisher events;
    private final TransactionTemplate transaction;
    private final Clock clock;

    PostRound(
            PostRoom room,
            OutgoingLetters letters,
            MailAccounts accounts,
            AccessService access,
            Secrets secrets,
            ApplicationEventPublisher events,
            TransactionTemplate transaction,
            Clock clock) {
        this.room = room;
        this.letters = letters;
        this.accounts = accounts;
        this.access = access;
        this.secrets = secrets;
        this.events = events;
        this.transaction = transaction;
        this.clock = clock;
    }

    /** Sends a letter if it is still to be sent. */
    void send(UUID id) {
        Optional<OutgoingLetter> found = letters.findById(id).filter(l -> l.state() == OutgoingLetter.State.WAITING);
        if (found.isEmpty()) {
            return;
        }
        OutgoingLetter letter = found.get();
        Optional<MailAccount> account = accounts.findByTeamId(letter.teamId());
        if (account.isEmpty()) {
            remember(id, l -> l.putOff("No mail server is set up for the team yet.", clock.instant()));
            return;
        }
        byte[] secret = account.get().secret();
        Carrier carrier = new Carrier(account.get(), secret == null ? null : secrets.told(secret));
        try {
            carrier.carry(
                    words(letter),
                    room.enclosure(letter.dispatch()).orElse(null),
                    new Recipient(letter.name(), letter.address()),
                    replyTo(letter),
                    id.toString(),
                    letter.writtenAt());
            remember(id, l -> l.delivered(clock.instant()));
        } catch (Carrier.NotTaken e) {
            remember(id, l -> {
                if (e.isForGood()) {
                    l.refused(e.getMessage(), clock.instant());
                } else {
                    l.putOff(e.getMessage(), clock.instant());
                }
            });
        }
    }

    private Letter words(OutgoingLetter letter) {
        byte[] hidden = letter.privateAddress();
        return hidden == null ? letter.letter() : PrivateAddress.told(letter.letter(), secrets.told(hidden));
    }

    /** Answers go to the member who sent it. */
    private Recipient replyTo(OutgoingLetter letter) {
        return access.member(letter.teamId(), letter.sentBy())
                .map(m -> new Recipient(m.name(), m.email()))
                .orElse(null);
    }

    private void remember(UUID id, Consumer<OutgoingLetter> what) {
        transaction.executeWithoutResult(t -> letters.findById(id).ifPresent(letter -> {
            what.accept(letter);
            letters.save(letter);
            events.publishEvent(new Changed(letter.teamId(), "post", Map.of()));
        }));
    }
}
