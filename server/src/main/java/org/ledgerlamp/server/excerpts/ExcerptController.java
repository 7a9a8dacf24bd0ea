package org.ledgerlamp.server.excerpts;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.Auditor;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.AuditKind;
import org.ledgerlamp.server.common.BlockView;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Excerpts over HTTP: made and revoked by members, read by whoever has the address. */
@RestController
class ExcerptController {
    private final ExcerptService excerpts;
    private final AccessService access;
    private final Auditor auditor;

    ExcerptController(ExcerptService excerpts, AccessService access, Auditor auditor) {
        this.auditor = auditor;
        this.excerpts = excerpts;
        this.access = access;
    }

    /** What is to be shown, for how many days, and behind which passphrase. */
    record ExcerptWish(
            @NotNull @NotEmpty @Size(max = 500) List<@NotNull UUID> lines,
            boolean passages,
            @Min(1) @Max(365) int days,
            @Nullable @Size(max = 200) String passphrase) {}

    /** Somebody opened it; where not granted, with a wrong passphrase. */
    record OpeningView(Instant at, String sender, boolean granted) {}

    /**
     * An excerpt as members see it.
     *
     * @param locked whether a passphrase is asked for
     * @param openings latest first
     */
    record ExcerptView(
            UUID id,
            List<UUID> lines,
            boolean passages,
            boolean locked,
            String madeBy,
            Instant madeAt,
            Instant expiresAt,
            @Nullable Instant revokedAt,
            List<OpeningView> openings) {}

    /** @param token what its address contains; told once, and kept nowhere */
    record MadeExcerpt(UUID id, String token) {}

    record Passphrase(@Nullable @Size(max = 200) String passphrase) {}

    /**
     * What is shown.
     *
     * @param page empty while a passphrase is wanted
     * @param wrong whether the one given was wrong
     */
    record ShownExcerpt(List<BlockView> page, boolean locked, boolean wrong, Instant until) {}

    @GetMapping("/api/folios/{number}/excerpts")
    List<ExcerptView> all(@AuthenticationPrincipal SignedIn who, @PathVariable int number) {
        List<Excerpt> all = excerpts.of(who.teamId(), number);
        Map<UUID, List<OpeningView>> openings = excerpts.openings(all).stream()
                .collect(Collectors.groupingBy(
                        Opening::excerptId,
                        Collectors.mapping(
                                o -> new OpeningView(o.openedAt(), o.sender(), o.isGranted()), Collectors.toList())));
        Map<UUID, String> members = access.memberNames(who.teamId());
        return all.stream()
                .map(e -> new ExcerptView(
                        e.id(),
                        e.lineIds(),
                        e.hasPassages(),
                        e.passphrase() != null,
                        members.getOrDefault(e.madeBy(), "a former member"),
                        e.madeAt(),
                        e.expiresAt(),
                        e.revokedAt(),
                        openings.getOrDefault(e.id(), List.of())))
                .toList();
    }

    @PostMapping("/api/folios/{number}/excerpts")
    MadeExcerpt make(
            @AuthenticationPrincipal SignedIn who, @PathVariable int number, @Valid @RequestBody ExcerptWish wish) {
        ExcerptService.Made made = excerpts.make(
                who, number, wish.lines(), wish.passages(), Duration.ofDays(wish.days()), wish.passphrase());
        auditor.note(who, AuditKind.EXCERPT_MADE, "of folio " + number);
        return new MadeExcerpt(made.excerpt().id(), made.token());
    }

    @DeleteMapping("/api/excerpts/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void revoke(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        excerpts.revoke(who.teamId(), id);
        auditor.note(who, AuditKind.EXCERPT_REVOKED, "");
    }

    /** Shows an excerpt to whoever has its address. No session is wanted, and none is given. */
    @PostMapping("/api/shown/{token}")
    ResponseEntity<ShownExcerpt> open(
            @PathVariable String token, @Valid @RequestBody Passphrase given, HttpServletRequest request) {
        ExcerptService.Shown shown = excerpts.open(token, given.passphrase(), request.getRemoteAddr());
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .header("X-Robots-Tag", "noindex")
                .body(new ShownExcerpt(
                        shown.page().stream().map(BlockView::of).toList(),
                        shown.isLocked(),
                        shown.wrong(),
                        shown.until()));
    }
}
