package org.ledgerlamp.server.remarks;

import jakarta.validation.Valid;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.SignedIn;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Remarks over HTTP. */
@RestController
class RemarkController {
    private final RemarkService remarks;
    private final AccessService access;

    RemarkController(RemarkService remarks, AccessService access) {
        this.remarks = remarks;
        this.access = access;
    }

    record RemarkView(
            UUID id,
            UUID line,
            String by,
            @Nullable String forMember,
            boolean forMe,
            String text,
            Instant madeAt,
            boolean seen) {}

    @GetMapping("/api/meetings/{id}/remarks")
    List<RemarkView> of(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        Map<UUID, String> names = access.memberNames(who.teamId());
        return remarks.of(who.teamId(), id).stream()
                .map(r -> view(r, who, names))
                .toList();
    }

    @PostMapping("/api/meetings/{id}/remarks")
    RemarkView make(
            @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody RemarkService.Said said) {
        return view(remarks.make(who, id, said), who, access.memberNames(who.teamId()));
    }

    @PostMapping("/api/remarks/{id}/seen")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void see(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        remarks.see(who, id);
    }

    private static RemarkView view(Remark r, SignedIn who, Map<UUID, String> names) {
        return new RemarkView(
                r.id(),
                r.line(),
                names.getOrDefault(r.memberId(), ""),
                r.forMember() == null ? null : names.getOrDefault(r.forMember(), ""),
                who.memberId().equals(r.forMember()),
                r.text(),
                r.madeAt(),
                r.isSeen());
    }
}
