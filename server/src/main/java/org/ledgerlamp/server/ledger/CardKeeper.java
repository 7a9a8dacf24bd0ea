package org.ledgerlamp.server.ledger;

import java.util.List;
import java.util.UUID;
import org.ledgerlamp.server.meetings.MeetingChanged;
import org.ledgerlamp.server.minutes.AttendanceOfRecord;
import org.ledgerlamp.server.minutes.Filed;
import org.ledgerlamp.server.minutes.FolioFigures;
import org.ledgerlamp.server.minutes.LineOfRecord;
import org.ledgerlamp.server.minutes.Minutes;
import org.ledgerlamp.server.minutes.MinutesService;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the cards of folios: within the transaction that changes what they show. */
@Component
@Transactional
class CardKeeper {
    private final FolioCards cards;
    private final MinutesService minutes;
    private final FolioFigures figures;
    private final JdbcTemplate database;

    CardKeeper(FolioCards cards, MinutesService minutes, FolioFigures figures, JdbcTemplate database) {
        this.cards = cards;
        this.minutes = minutes;
        this.figures = figures;
        this.database = database;
    }

    /** Gives cards to what was filed before there were any. */
    @EventListener(ApplicationReadyEvent.class)
    @Order(Ordered.HIGHEST_PRECEDENCE)
    void takeUp() {
        database.query(
                        "select m.team_id, m.id from minutes m where m.folio is not null"
                                + " and not exists (select c.id from folio_card c where c.id = m.id)",
                        (row, n) -> minutes.one(row.getObject(1, UUID.class), row.getObject(2, UUID.class)))
                .forEach(this::keep);
    }

    @EventListener
    void filed(Filed changed) {
        if (changed.filed()) {
            keep(minutes.one(changed.teamId(), changed.minutesId()));
        } else {
            cards.remove(changed.teamId(), changed.minutesId());
        }
    }

    /** Ticking a line off changes nothing that a card shows. */
    @EventListener(condition = "#changed.amended()")
    void changed(LineOfRecord changed) {
        UUID folio = minutes.line(changed.teamId(), changed.lineId()).minutesId();
        keep(minutes.one(changed.teamId(), folio));
    }

    @EventListener
    void changed(AttendanceOfRecord changed) {
        keep(minutes.one(changed.teamId(), changed.minutesId()));
    }

    @EventListener
    void changed(MeetingChanged changed) {
        minutes.ofMeetings(changed.teamId(), List.of(changed.meetingId())).stream()
                .filter(Minutes::isFiled)
                .forEach(this::keep);
    }

    private void keep(Minutes folio) {
        FolioFigures.Held held = figures.of(folio);
        cards.keep(new CardFacts(
                folio.id(),
                folio.teamId(),
                CardSort.MINUTES,
                folio.folio(),
                folio.meeting().title(),
                folio.meeting().date(),
                folio.meeting().series(),
                folio.meeting().kind(),
                held.decisions(),
                held.actions(),
                held.present(),
                held.people()));
    }
}
