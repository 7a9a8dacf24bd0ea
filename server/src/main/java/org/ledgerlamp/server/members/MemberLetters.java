package org.ledgerlamp.server.members;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.LetterBuilder;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.MembershipService.Keyed;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.OwnAddress;
import org.ledgerlamp.server.post.Dispatch;
import org.ledgerlamp.server.post.LetterKind;
import org.ledgerlamp.server.post.PostRoom;
import org.ledgerlamp.server.post.PrivateAddress;
import org.ledgerlamp.server.post.Recipient;
import org.springframework.stereotype.Component;

/** Writes to members about their account. The address that lets them in stands in the letter alone. */
@Component
class MemberLetters {
    private final AccessService access;
    private final PostRoom room;
    private final OwnAddress address;

    MemberLetters(AccessService access, PostRoom room, OwnAddress address) {
        this.access = access;
        this.room = room;
        this.address = address;
    }

    /** Where somebody chooses a password by a key. */
    String addressOf(String key) {
        return address.toChoosePassword(key);
    }

    void invite(SignedIn who, Keyed invited) {
        String team = access.teamName(who.teamId());
        send(
                who.memberId(),
                LetterKind.INVITATION,
                invited,
                new LetterBuilder()
                        .paragraph(who.name() + " invites you to the meetings and minutes of " + team + ".")
                        .paragraph("Choose a password first. The link is valid for two weeks:"),
                "Invitation to " + team);
    }

    void forgotten(Keyed member) {
        send(
                null,
                LetterKind.PASSWORD,
                member,
                new LetterBuilder()
                        .paragraph("Somebody asked for a new password for this address. If it was you, choose one here."
                                + " The link is valid for two hours:"),
                "A new password");
    }

    private void send(@Nullable UUID by, LetterKind kind, Keyed to, LetterBuilder letter, String subject) {
        room.putOutPrivately(
                Dispatch.of(to.teamId(), kind, null, by),
                new Recipient(to.member().name(), to.member().email()),
                letter.link(PrivateAddress.HERE)
                        .paragraph("If you did not expect this, do nothing; nothing changes.")
                        .titled(subject),
                addressOf(to.key()));
    }
}
