package org.ledgerlamp.server.minutes;

import java.util.List;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.meetings.MeetingView;
import org.ledgerlamp.server.minutes.MinutesView.Attendee;
import org.ledgerlamp.server.minutes.MinutesView.Sheet;
import org.ledgerlamp.server.minutes.MinutesView.TemplateView;
import org.ledgerlamp.server.tray.TrayService;
import org.springframework.stereotype.Component;

/** Puts together all that the browser shows of minutes. */
@Component
class MinutesSheet {
    private final MinutesService minutes;
    private final MatterService matters;
    private final AmendmentService amendments;
    private final TrayService tray;
    private final AccessService access;

    MinutesSheet(
            MinutesService minutes,
            MatterService matters,
            AmendmentService amendments,
            TrayService tray,
            AccessService access) {
        this.minutes = minutes;
        this.matters = matters;
        this.amendments = amendments;
        this.tray = tray;
        this.access = access;
    }

    MinutesView view(Minutes m) {
        return new MinutesView(
                m.id(),
                m.version(),
                m.title(),
                m.fileName(),
                MeetingView.of(m.meeting()),
                TemplateView.of(m.template()),
                tray.of(m.teamId(), List.of(m.meeting().id())).stream()
                        .map(Sheet::of)
                        .toList(),
                minutes.attendance(m).stream().map(Attendee::of).toList(),
                m.figures(),
                matters.of(m.meeting()),
                m.topics(),
                minutes.lines(m).stream()
                        .filter(l -> !m.isFiled() || l.state() != LineState.POSSIBLE)
                        .map(LineView::of)
                        .toList(),
                m.isFiled() ? filing(m) : null);
    }

    private MinutesView.Filing filing(Minutes m) {
        return new MinutesView.Filing(
                m.folio(),
                m.filedAt(),
                access.memberNames(m.teamId()).getOrDefault(m.filedBy(), "a former member"),
                amendments.revision(m));
    }
}
