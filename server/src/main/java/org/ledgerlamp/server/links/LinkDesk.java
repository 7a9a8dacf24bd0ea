package org.ledgerlamp.server.links;

import java.util.Collection;
import java.util.UUID;
import org.ledgerlamp.server.jobs.Job;
import org.ledgerlamp.server.jobs.Jobs;
import org.ledgerlamp.server.jobs.Lane;
import org.ledgerlamp.server.minutes.FolioChanged;
import org.ledgerlamp.server.minutes.Minutes;
import org.ledgerlamp.server.minutes.MinutesService;
import org.ledgerlamp.server.projections.Projection;
import org.springframework.stereotype.Component;

/** Links folios to what was filed before, in the background. The order to do so is part of filing. */
@Component
class LinkDesk implements Job, Projection {
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

    @Override
    public Collection<UUID> unordered() {
        return minutes.toLink().stream().map(Minutes::id).toList();
    }

    @Override
    public void on(FolioChanged change) {
        switch (change.what()) {
            case FILED -> jobs.order(this, change.minutesId());
            case TAKEN_BACK -> links.forget(change.minutesId());
            case MEETING -> links.moved(minutes.one(change.teamId(), change.minutesId()));
            case LINE -> amended(minutes.one(change.teamId(), change.minutesId()));
            case STANDING -> links.noteStanding(change.teamId(), change.lineId());
            case ATTENDANCE -> {}
        }
    }

    /** One that is still to be linked is read as it stands then. */
    private void amended(Minutes folio) {
        if (folio.isLinked()) {
            links.keepSubjects(folio);
        }
    }

    @Override
    public void rebuild(Minutes folio) {
        if (folio.isLinked()) {
            links.keepSubjects(folio);
        } else {
            jobs.orderOnce(this, folio.id());
        }
    }

    @Override
    public void tidy(UUID teamId) {
        links.forgetLostSubjects(teamId);
    }

    @Override
    public void carryOut(UUID minutesId) {
        minutes.find(minutesId).ifPresent(m -> links.link(m.teamId(), minutesId));
    }
}
