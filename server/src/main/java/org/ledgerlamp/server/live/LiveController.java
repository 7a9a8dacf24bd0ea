package org.ledgerlamp.server.live;

import java.util.HashSet;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.meetings.MeetingService;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The one stream that a browser keeps open: a browser opens only a handful to one server, for all its windows together. */
@RestController
class LiveController {
    private final LiveDesk live;
    private final MeetingService meetings;

    LiveController(LiveDesk live, MeetingService meetings) {
        this.live = live;
        this.meetings = meetings;
    }

    /** What concerns the member and the team, and the meeting that is looked at. */
    @GetMapping(path = "/api/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter listen(@AuthenticationPrincipal SignedIn who, @RequestParam(required = false) @Nullable UUID meeting) {
        Set<UUID> about = new HashSet<>(Set.of(who.teamId(), who.memberId()));
        if (meeting != null) {
            about.add(meetings.one(who.teamId(), meeting).id());
        }
        return live.listen(about);
    }
}
