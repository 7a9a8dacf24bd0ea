package org.ledgerlamp.server.post;

import jakarta.validation.Valid;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.LetterBuilder;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.Auditor;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.AuditKind;
import org.ledgerlamp.server.meetings.MeetingService;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The post room over HTTP. */
@RestController
class PostController {
    private final PostRoom room;
    private final MailAccountService accounts;
    private final MeetingService meetings;
    private final AccessService access;
    private final Clock clock;
    private final Auditor auditor;

    PostController(
            PostRoom room,
            MailAccountService accounts,
            MeetingService meetings,
            AccessService access,
            Clock clock,
            Auditor auditor) {
        this.auditor = auditor;
        this.room = room;
        this.accounts = accounts;
        this.meetings = meetings;
        this.access = access;
        this.clock = clock;
    }

    /** A letter to one recipient, without its words. */
    record LetterView(
            UUID id,
            String name,
            String address,
            OutgoingLetter.State state,
            int attempts,
            @Nullable Instant nextTryAt,
            @Nullable Instant settledAt,
            @Nullable String problem) {
        static LetterView of(OutgoingLetter l) {
            return new LetterView(
                    l.id(), l.name(), l.address(), l.state(), l.attempts(), l.nextTryAt(), l.settledAt(), l.problem());
        }
    }

    /**
     * What was sent at once.
     *
     * @param by who sent it; null where it was sent by itself
     */
    record DispatchView(
            UUID id,
            LetterKind kind,
            String subject,
            @Nullable UUID meetingId,
            @Nullable String meeting,
            @Nullable String by,
            Instant writtenAt,
            List<LetterView> letters) {}

    record LetterWords(String subject, String text) {}

    /** Newest first. {@code before} goes on where an earlier answer ended; {@code meeting} asks for one meeting's alone. */
    @GetMapping("/api/post")
    List<DispatchView> latest(
            @AuthenticationPrincipal SignedIn who,
            @RequestParam(required = false) @Nullable Instant before,
            @RequestParam(required = false) @Nullable UUID meeting) {
        Map<UUID, List<OutgoingLetter>> dispatches = new LinkedHashMap<>();
        room.latest(who.teamId(), before == null ? clock.instant().plusSeconds(1) : before, meeting)
                .forEach(l -> dispatches
                        .computeIfAbsent(l.dispatch(), d -> new ArrayList<>())
                        .add(l));
        Map<UUID, String> members = access.memberNames(who.teamId());
        return dispatches.values().stream().map(all -> view(all, members)).toList();
    }

    private DispatchView view(List<OutgoingLetter> all, Map<UUID, String> members) {
        OutgoingLetter first = all.getFirst();
        return new DispatchView(
                first.dispatch(),
                first.kind(),
                first.letter().subject(),
                first.meetingId(),
                first.meetingId() == null
                        ? null
                        : meetings.one(first.teamId(), first.meetingId()).title(),
                first.sentBy() == null ? null : members.getOrDefault(first.sentBy(), ""),
                first.writtenAt(),
                all.stream().map(LetterView::of).toList());
    }

    /** The words of a letter as they went out, or will. */
    @GetMapping("/api/letters/{id}")
    LetterWords words(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        OutgoingLetter letter = room.one(who.teamId(), id);
        return new LetterWords(
                letter.letter().subject(), PrivateAddress.shown(letter.letter().text()));
    }

    @PostMapping("/api/letters/{id}/again")
    LetterView again(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return LetterView.of(room.sendAgain(who.teamId(), id));
    }

    @PostMapping("/api/letters/{id}/withdraw")
    LetterView withdraw(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return LetterView.of(room.withdraw(who.teamId(), id));
    }

    @GetMapping("/api/post/account")
    MailAccountService.AccountView account(@AuthenticationPrincipal SignedIn who) {
        return accounts.of(who.teamId());
    }

    @PutMapping("/api/post/account")
    MailAccountService.AccountView keep(
            @AuthenticationPrincipal SignedIn who, @Valid @RequestBody MailAccountFacts facts) {
        MailAccountService.AccountView kept = accounts.keep(who.teamId(), facts);
        auditor.note(who, AuditKind.MAIL_SERVER_CHANGED, facts.host() + ":" + facts.port());
        return kept;
    }

    /** Sends a letter to oneself. */
    @PostMapping("/api/post/account/trial")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void attempt(@AuthenticationPrincipal SignedIn who) {
        room.putOut(
                Dispatch.of(who.teamId(), LetterKind.TRIAL, null, who.memberId()),
                List.of(new Recipient(who.name(), who.email())),
                new LetterBuilder()
                        .paragraph("This letter tries the way to the mail server. It arrived.")
                        .titled("A trial letter of the Ledger Lamp"));
    }
}
