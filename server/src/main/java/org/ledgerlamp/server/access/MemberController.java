package org.ledgerlamp.server.access;

import java.util.Comparator;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The members of one's team over HTTP. */
@RestController
class MemberController {
    private final AccessService access;

    MemberController(AccessService access) {
        this.access = access;
    }

    @GetMapping("/api/members")
    List<MemberCard> members(@AuthenticationPrincipal SignedIn who) {
        return access.members(who.teamId()).stream()
                .sorted(Comparator.comparing(MemberCard::name))
                .toList();
    }
}
