package org.ledgerlamp.server.meetings;

import jakarta.validation.Valid;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.common.Versions;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Meetings over HTTP. */
@RestController
@RequestMapping("/api/meetings")
@Transactional
class MeetingController {
    private static final int MOST_DAYS = 400;

    private final MeetingService meetings;

    MeetingController(MeetingService meetings) {
        this.meetings = meetings;
    }

    @GetMapping
    List<MeetingView> between(
            @AuthenticationPrincipal SignedIn who, @RequestParam LocalDate from, @RequestParam LocalDate to) {
        if (from.plusDays(MOST_DAYS).isBefore(to)) {
            throw Refusal.invalid("Ask for " + MOST_DAYS + " days at most.");
        }
        return meetings.between(who.teamId(), from, to).stream()
                .map(MeetingView::of)
                .toList();
    }

    @GetMapping("/series")
    List<String> series(@AuthenticationPrincipal SignedIn who) {
        return meetings.series(who.teamId());
    }

    @GetMapping("/{id}")
    ResponseEntity<MeetingView> one(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return tagged(meetings.one(who.teamId(), id));
    }

    /** The occurrence of the series before this one; nothing where there is none. */
    @GetMapping("/{id}/before")
    ResponseEntity<MeetingView> before(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return meetings.before(meetings.one(who.teamId(), id))
                .map(MeetingController::tagged)
                .orElseGet(() -> ResponseEntity.noContent().build());
    }

    @PostMapping
    ResponseEntity<MeetingView> create(
            @AuthenticationPrincipal SignedIn who, @Valid @RequestBody MeetingService.Facts facts) {
        return tagged(meetings.create(who.teamId(), facts));
    }

    @PutMapping("/{id}")
    ResponseEntity<MeetingView> change(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @RequestBody MeetingService.Facts facts) {
        return tagged(meetings.change(who.teamId(), id, facts, ifMatch));
    }

    /** Whether a meeting will not take place. */
    record OnOrOff(boolean off) {}

    @PutMapping("/{id}/off")
    ResponseEntity<MeetingView> callOff(
            @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @RequestBody OnOrOff said) {
        Meeting meeting = meetings.one(who.teamId(), id);
        meetings.callOff(meeting, said.off());
        return tagged(meeting);
    }

    private static ResponseEntity<MeetingView> tagged(Meeting meeting) {
        return Versions.tagged(meeting.version(), MeetingView.of(meeting));
    }
}
