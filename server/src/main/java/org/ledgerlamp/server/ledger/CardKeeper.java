package org.ledgerlamp.server.ledger;

import java.util.UUID;
import org.ledgerlamp.server.minutes.FolioChanged;
import org.ledgerlamp.server.minutes.FolioFigures;
import org.ledgerlamp.server.minutes.Minutes;
import org.ledgerlamp.server.minutes.MinutesService;
import org.ledgerlamp.server.projections.Projection;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the cards of folios: within the transaction that changes what they show. */
@Component
@Transactional
class CardKeeper implements Projection {
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

    /** What is done about a line changes nothing that a card shows. */
    @Override
    public void on(FolioChanged change) {
        switch (change.what()) {
            case FILED, LINE, ATTENDANCE, MEETING -> rebuild(minutes.one(change.teamId(), change.minutesId()));
            case TAKEN_BACK -> cards.remove(change.teamId(), change.minutesId());
            case STANDING -> {}
        }
    }

    @Override
    public void tidy(UUID teamId) {
        database.queryForList(
                        "select c.id from folio_card c left join minutes m on m.id = c.id and m.folio is not null"
                                + " where c.team_id = ? and c.sort = ? and m.id is null",
                        UUID.class,
                        teamId,
                        CardSort.MINUTES.name())
                .forEach(id -> cards.remove(teamId, id));
        cards.recount(teamId);
    }

    @Override
    public void rebuild(Minutes folio) {
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
