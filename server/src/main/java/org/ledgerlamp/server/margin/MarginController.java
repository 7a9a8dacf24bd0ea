package org.ledgerlamp.server.margin;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Versions;
import org.ledgerlamp.server.common.Written;
import org.ledgerlamp.server.meetings.MeetingService;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.HttpHeaders;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** One's own private margin over HTTP; whose it is says the session and nothing else. */
@RestController
@Transactional
class MarginController {
    private final PrivateMargins margins;
    private final MeetingService meetings;
    private final ApplicationEventPublisher events;

    MarginController(PrivateMargins margins, MeetingService meetings, ApplicationEventPublisher events) {
        this.margins = margins;
        this.meetings = meetings;
        this.events = events;
    }

    record MarginView(UUID id, int version, String text) {}

    record MarginFacts(@NotNull @Size(max = 100_000) String text) {}

    @GetMapping("/api/meetings/{id}/margin")
    MarginView read(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return view(own(who, id));
    }

    @PutMapping("/api/meetings/{id}/margin")
    MarginView write(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @RequestBody MarginFacts facts) {
        PrivateMargin margin = own(who, id);
        Versions.require(ifMatch, margin.version(), () -> view(margin));
        margin.write(facts.text());
        PrivateMargin kept = margins.saveAndFlush(margin);
        events.publishEvent(new Written(
                who.teamId(), kept.meetingId(), Written.Place.MARGIN, kept.id(), who.memberId(), kept.text()));
        return view(kept);
    }

    private PrivateMargin own(SignedIn who, UUID meetingId) {
        UUID meeting = meetings.one(who.teamId(), meetingId).id();
        return margins.findByMeetingIdAndMemberIdAndTeamId(meeting, who.memberId(), who.teamId())
                .orElseGet(() -> margins.saveAndFlush(new PrivateMargin(who.teamId(), meeting, who.memberId())));
    }

    private static MarginView view(PrivateMargin margin) {
        return new MarginView(margin.id(), margin.version(), margin.text());
    }
}
