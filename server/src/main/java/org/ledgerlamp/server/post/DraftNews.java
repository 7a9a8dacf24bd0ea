package org.ledgerlamp.server.post;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.ledgerlamp.core.exchange.LetterBuilder;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.MemberCard;
import org.ledgerlamp.server.common.OwnAddress;
import org.ledgerlamp.server.live.Changed;
import org.ledgerlamp.server.meetings.Meeting;
import org.ledgerlamp.server.meetings.MeetingService;
import org.ledgerlamp.server.minutes.DraftReady;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Tells the lead of a meeting that its draft is ready: on the screen, and by mail where the team has a mail server. */
@Component
class DraftNews {
    private final MeetingService meetings;
    private final AccessService access;
    private final MailAccounts accounts;
    private final PostRoom room;
    private final ApplicationEventPublisher events;
    private final OwnAddress address;

    DraftNews(
            MeetingService meetings,
            AccessService access,
            MailAccounts accounts,
            PostRoom room,
            ApplicationEventPublisher events,
            OwnAddress address) {
        this.meetings = meetings;
        this.access = access;
        this.accounts = accounts;
        this.room = room;
        this.events = events;
        this.address = address;
    }

    @EventListener
    @Transactional
    public void tell(DraftReady ready) {
        Meeting meeting = meetings.one(ready.teamId(), ready.meetingId());
        MemberCard lead = leadOf(meeting, ready.begunBy());
        if (ready.asked() && lead.id().equals(ready.begunBy())) {
            return; // looks at it already
        }
        events.publishEvent(new Changed(
                lead.id(), "draft-ready", Map.of("minutesId", ready.minutesId(), "meeting", meeting.title())));
        if (accounts.findByTeamId(ready.teamId()).isPresent()) {
            room.putOut(
                    Dispatch.of(ready.teamId(), LetterKind.DRAFT_READY, meeting.id(), null),
                    List.of(new Recipient(lead.name(), lead.email())),
                    new LetterBuilder()
                            .paragraph("The minutes of " + meeting.title() + " are drafted. They wait for your review.")
                            .link(address.of("/minutes/" + ready.minutesId()))
                            .titled("Draft ready: " + meeting.title()));
        }
    }

    /** The member who called the meeting; where none did, whoever had it drafted; where they left, who administers. */
    private MemberCard leadOf(Meeting meeting, UUID begunBy) {
        return access.members(meeting.teamId()).stream()
                .filter(m -> m.name().equalsIgnoreCase(meeting.organiser()))
                .findFirst()
                .or(() -> access.member(meeting.teamId(), begunBy))
                .orElseGet(() -> access.administrators(meeting.teamId()).getFirst());
    }
}
