package org.ledgerlamp.server.minutes;

import java.util.List;
import org.ledgerlamp.server.meetings.MeetingChanged;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** What changes about a meeting changes its folio. */
@Component
class MovedFolios {
    private final MinutesService minutes;
    private final ApplicationEventPublisher events;

    MovedFolios(MinutesService minutes, ApplicationEventPublisher events) {
        this.minutes = minutes;
        this.events = events;
    }

    @EventListener
    void changed(MeetingChanged meeting) {
        minutes.ofMeetings(meeting.teamId(), List.of(meeting.meetingId())).stream()
                .filter(Minutes::isFiled)
                .map(FolioChanged::meeting)
                .forEach(events::publishEvent);
    }
}
