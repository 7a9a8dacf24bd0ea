package org.ledgerlamp.server.members;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.Auditor;
import org.ledgerlamp.server.access.MemberCard;
import org.ledgerlamp.server.access.MembershipService;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.acts.ActKind;
import org.ledgerlamp.server.acts.ActService.Deed;
import org.ledgerlamp.server.common.AuditKind;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.minutes.MatterService;
import org.ledgerlamp.server.registers.ActionsOfRecord;
import org.ledgerlamp.server.registers.RegisterEntry;
import org.ledgerlamp.server.roster.RosterPerson;
import org.ledgerlamp.server.roster.RosterService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes somebody out of the team, and hands over what they have still to do. */
@Service
class Leaving {
    private static final int MOST_ACTIONS = 2000;

    private final AccessService access;
    private final MembershipService membership;
    private final RosterService roster;
    private final ActionsOfRecord actions;
    private final MatterService matters;
    private final Auditor auditor;

    Leaving(
            AccessService access,
            MembershipService membership,
            RosterService roster,
            ActionsOfRecord actions,
            MatterService matters,
            Auditor auditor) {
        this.auditor = auditor;
        this.access = access;
        this.membership = membership;
        this.roster = roster;
        this.actions = actions;
        this.matters = matters;
    }

    /** How many open actions a member of the team has. */
    int openActions(UUID teamId, UUID memberId) {
        return open(teamId, memberId).size();
    }

    private List<RegisterEntry> open(UUID teamId, UUID memberId) {
        MemberCard member = access.member(teamId, memberId).orElseThrow(() -> Refusal.notFound("member"));
        Optional<RosterPerson> person = roster.personOf(teamId, member.name(), member.email());
        return person.map(p -> actions.of(teamId, List.of(p.id()), true, false, MOST_ACTIONS))
                .orElse(List.of());
    }

    /**
     * Removes a member; their sessions and tokens end at once.
     *
     * @param handTo who of the roster gets their open actions, or null to leave these as they are
     */
    @Transactional
    void remove(SignedIn who, UUID memberId, @Nullable UUID handTo) {
        List<UUID> open = handTo == null
                ? List.of()
                : open(who.teamId(), memberId).stream().map(RegisterEntry::id).toList();
        if (!open.isEmpty()) {
            matters.actOnAll(who, open, new Deed(ActKind.HANDED_OVER, null, handTo, null));
        }
        String name = access.memberNames(who.teamId()).getOrDefault(memberId, "");
        membership.remove(who.teamId(), memberId);
        auditor.note(who, AuditKind.MEMBER_REMOVED, name);
    }
}
