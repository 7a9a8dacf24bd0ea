package org.ledgerlamp.server.post;

import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.MemberCard;
import org.ledgerlamp.server.common.Refusal;
import org.springframework.stereotype.Component;

/** Knows which addresses are the team's own house, and asks before anything goes to others. */
@Component
class TeamDomains {
    private final AccessService access;

    TeamDomains(AccessService access) {
        this.access = access;
    }

    /** The domains in which members of the team have their mail addresses, in order. */
    List<String> of(UUID teamId) {
        return access.members(teamId).stream()
                .map(MemberCard::email)
                .map(TeamDomains::domain)
                .distinct()
                .sorted()
                .toList();
    }

    /**
     * Refuses what would go outside without whoever sends it having said so.
     *
     * @param meant whether they did
     */
    void refuseOutside(UUID teamId, Collection<Recipient> to, boolean meant) {
        List<String> own = of(teamId);
        List<String> outside = to.stream()
                .map(Recipient::address)
                .filter(a -> !own.contains(domain(a)))
                .toList();
        if (!meant && !outside.isEmpty()) {
            throw Refusal.conflict("This would go outside " + String.join(", ", own) + ": to "
                    + String.join(", ", outside) + ". Confirm that it is meant to.");
        }
    }

    private static String domain(String address) {
        return address.strip().toLowerCase(Locale.ROOT).replaceFirst(".*@", "");
    }
}
