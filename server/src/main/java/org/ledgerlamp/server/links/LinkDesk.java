package org.ledgerlamp.server.links;

import java.util.List;
import java.util.UUID;
import org.ledgerlamp.server.jobs.Job;
import org.ledgerlamp.server.jobs.Jobs;
import org.ledgerlamp.server.jobs.Lane;
import org.ledgerlamp.server.meetings.MeetingChanged;
import org.ledgerlamp.server.minutes.Filed;
import org.ledgerlamp.server.minutes.LineOfRecord;
import org.ledgerlamp.server.minutes.Minutes;
import org.ledgerlamp.server.minutes.MinutesService;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Links folios to what was filed before, in the background. The order to do so is part of filing. */
@Component
class LinkDesk implements Job {
    private final LinkService links;
    private final MinutesService minutes;
    private final Jobs jobs;

    LinkDesk(LinkService links, MinutesService minutes, Jobs jobs) {
        this.links = links;
        this.minutes = minutes;
        this.jobs = jobs;
    }

    @Override
    public String name() {
        return "link";
    }

    @Override
    public Lane lane() {
        return Lane.LINKING;
    }

    /** Those that wait without an order, as of a version before orders were kept, are ordered. */
    @EventListener(ApplicationReadyEvent.class)
    @Order(Ordered.LOWEST_PRECEDENCE)
    void takeUp() {
        minutes.toLink().forEach(m -> jobs.orderOnce(this, m.id()));
    }

    @EventListener
    void filed(Filed changed) {
        if (changed.filed()) {
            jobs.order(this, changed.minutesId());
        } else {
            links.forget(changed.minutesId());
        }
    }

    @EventListener
    void changed(MeetingChanged changed) {
        minutes.ofMeetings(changed.teamId(), List.of(changed.meetingId())).stream()
                .filter(Minutes::isFiled)
                .forEach(links::moved);
    }

    @EventListener
    void changed(LineOfRecord changed) {
        links.noteStanding(changed.teamId(), changed.lineId());
    }

    @Override
    public void carryOut(UUID minutesId) {
        minutes.find(minutesId).ifPresent(m -> links.link(m.teamId(), minutesId));
    }
}
