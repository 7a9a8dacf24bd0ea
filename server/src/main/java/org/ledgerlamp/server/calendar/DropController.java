package org.ledgerlamp.server.calendar;

import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.ledgerlamp.core.exchange.Invitation;
import org.ledgerlamp.core.exchange.InvitationFile;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.FileNames;
import org.ledgerlamp.server.common.Refusal;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Invitations dropped as a calendar file or a mail: they do what a calendar's feed does. */
@RestController
class DropController {
    private static final int DAYS_BACK = 400;
    private static final int DAYS_AHEAD = 400;

    private final DroppedInvitations dropped;
    private final CalendarConnections connections;
    private final CalendarSync sync;
    private final Clock clock;

    DropController(DroppedInvitations dropped, CalendarConnections connections, CalendarSync sync, Clock clock) {
        this.dropped = dropped;
        this.connections = connections;
        this.sync = sync;
        this.clock = clock;
    }

    /** The meetings of a dropped file, first to last. */
    record FromFile(List<UUID> meetings) {}

    @PostMapping(path = "/api/calendar/file", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    FromFile drop(@AuthenticationPrincipal SignedIn who, @RequestParam MultipartFile file) throws IOException {
        byte[] bytes = file.getBytes();
        String name = String.valueOf(file.getOriginalFilename());
        dropped.saveAndFlush(new DroppedInvitation(
                who.teamId(), who.memberId(), FileNames.presentable(name), clock.instant(), bytes));
        LocalDate today = LocalDate.now(clock);
        try {
            List<Invitation> invitations = InvitationFile.between(
                    bytes, clock.getZone(), today.minusDays(DAYS_BACK), today.plusDays(DAYS_AHEAD));
            return new FromFile(sync.add(dropsOf(who).id(), invitations));
        } catch (IllegalArgumentException e) {
            throw Refusal.invalid(name + ": " + e.getMessage() + ". The file is kept as it came.")
                    .because(e);
        }
    }

    /** What a member drops is followed like one calendar, so that an invitation sent anew changes its meeting. */
    private CalendarConnection dropsOf(SignedIn who) {
        return connections
                .findFirstByTeamIdAndMemberIdAndKind(who.teamId(), who.memberId(), ConnectionKind.DROPPED)
                .orElseGet(() -> connections.saveAndFlush(new CalendarConnection(
                        who.teamId(),
                        who.memberId(),
                        ConnectionKind.DROPPED,
                        "Dropped invitations",
                        "dropped:",
                        null,
                        null)));
    }
}
