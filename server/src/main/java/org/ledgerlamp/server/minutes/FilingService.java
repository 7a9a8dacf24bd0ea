package org.ledgerlamp.server.minutes;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.Role;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.acts.ActService;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.tray.TrayService;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Files drafts as folios, and takes folios back. */
@Service
@Transactional
public class FilingService {
    private static final Duration TAKEN_BACK_WITHIN = Duration.ofHours(1);

    private final MinutesService minutes;
    private final AmendmentService amendments;
    private final ActService acts;
    private final TrayService tray;
    private final AccessService access;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    FilingService(
            MinutesService minutes,
            AmendmentService amendments,
            ActService acts,
            TrayService tray,
            AccessService access,
            ApplicationEventPublisher events,
            Clock clock) {
        this.minutes = minutes;
        this.amendments = amendments;
        this.acts = acts;
        this.tray = tray;
        this.access = access;
        this.events = events;
        this.clock = clock;
    }

    /**
     * Files a draft as the team's next folio, under the meeting's date. Its lines are numbered in the order of the
     * template's sections; struck ones get no number.
     *
     * @throws Refusal where lines are still in pencil, or nothing is left to file
     */
    public Minutes file(SignedIn who, UUID minutesId) {
        Minutes draft = minutes.open(who.teamId(), minutesId);
        List<MinutesLine> page = minutes.lines(draft);
        long pencil = page.stream().filter(l -> l.state() == LineState.PENCIL).count();
        if (pencil > 0) {
            throw Refusal.conflict(pencil + (pencil == 1 ? " line is" : " lines are")
                            + " still in pencil: ink or strike them first.")
                    .with("pencil", pencil);
        }
        List<MinutesLine> record = PageOrder.of(draft.template(), page);
        if (record.isEmpty()) {
            throw Refusal.conflict("Every line is struck: there is nothing to file.");
        }
        int number = draft.keptNumber() == null ? access.takeFolioNumber(who.teamId()) : draft.keptNumber();
        draft.file(number, who.memberId(), clock.instant());
        for (int i = 0; i < record.size(); i++) {
            record.get(i).file(number, i + 1);
        }
        draft.meeting().fileMinutes();
        tray.fileUnder(who.teamId(), draft.meeting().id(), number);
        events.publishEvent(FolioChanged.filed(draft));
        record.forEach(line -> events.publishEvent(line.written(draft)));
        minutes.tell(draft, "filed", Map.of("folio", number));
        return draft;
    }

    /** The same, where whoever files it confirms with that every line that is still in pencil. */
    Minutes fileAsItStands(SignedIn who, UUID minutesId) {
        minutes.lines(minutes.open(who.teamId(), minutesId)).stream()
                .filter(l -> l.state() == LineState.PENCIL)
                .forEach(MinutesLine::ink);
        return file(who, minutesId);
    }

    /**
     * Takes a folio back into the spread: it is a draft again, all of it in ink as it was. Its number stays reserved for
     * it, unless no other was taken since. After an hour only somebody who administers the team may do so: others may have
     * read it by then.
     *
     * @throws Refusal where others rely on it: it was circulated or amended, or something was done about its lines
     */
    public Minutes unfile(SignedIn who, int folioNumber) {
        UUID teamId = who.teamId();
        Minutes folio = minutes.folio(teamId, folioNumber);
        boolean fresh = folio.filedAt().plus(TAKEN_BACK_WITHIN).isAfter(clock.instant());
        if (!fresh && who.role() != Role.ADMINISTERS) {
            throw Refusal.forbidden("Folio " + folioNumber + " was filed more than an hour ago: an administrator of the"
                    + " team can take it back, or amend it.");
        }
        List<MinutesLine> page = minutes.lines(folio);
        refuseWhereReliedOn(folio, page);
        folio.unfile();
        if (access.giveBackFolioNumber(teamId, folioNumber)) {
            folio.giveUpNumber();
        }
        page.forEach(MinutesLine::unfile);
        folio.meeting().unfileMinutes();
        tray.fileUnder(teamId, folio.meeting().id(), null);
        events.publishEvent(FolioChanged.takenBack(folio));
        minutes.tell(folio, "unfiled", Map.of());
        return folio;
    }

    /** Says that a folio was sent out: what is changed in it from now on is another revision. */
    public void circulated(Minutes folio, String text) {
        folio.circulated(amendments.revision(folio));
        events.publishEvent(new Circulated(folio.teamId(), folio.meeting().id(), text));
    }

    private void refuseWhereReliedOn(Minutes folio, List<MinutesLine> page) {
        String why = null;
        if (folio.circulatedRevision() > 0) {
            why = "was circulated";
        } else if (amendments.revision(folio) > AmendmentService.AS_FILED) {
            why = "was amended since";
        } else if (!acts.courses(
                        folio.teamId(), page.stream().map(MinutesLine::id).toList())
                .isEmpty()) {
            why = "has lines that were ticked off or carried on";
        }
        if (why != null) {
            throw Refusal.conflict("Folio " + folio.folio() + " " + why
                    + ", so it stays filed. Amend it instead: that makes a revision.");
        }
    }
}
