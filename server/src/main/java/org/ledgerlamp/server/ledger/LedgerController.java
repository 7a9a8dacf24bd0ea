package org.ledgerlamp.server.ledger;

import jakarta.persistence.EntityManager;
import jakarta.persistence.TypedQuery;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.SignedIn;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The list of folios with its facets. Reads the tables of minutes, changes none. */
@RestController
@Transactional(readOnly = true)
class LedgerController {
    private static final String FILED =
            " from Minutes m join m.meeting g where m.teamId = :team and m.folio is not null";
    private static final String ATTENDED =
            " and exists (select a.id from Attendance a where a.minutesId = m.id and a.personId = :person and a.present)";

    private final EntityManager entities;

    LedgerController(EntityManager entities) {
        this.entities = entities;
    }

    /** A folio in one row. */
    record Row(
            int folio,
            String title,
            LocalDate date,
            @Nullable String series,
            @Nullable String kind,
            long decisions,
            long actions,
            long present) {}

    /** A series, and how many folios it has. */
    record SeriesCount(String name, long folios) {}

    /** A person, and how many folios' meetings the person attended. */
    record PersonCount(UUID id, String name, long folios) {}

    record LedgerView(List<Row> rows, List<SeriesCount> series, List<PersonCount> people) {}

    @GetMapping("/api/ledger")
    LedgerView ledger(
            @AuthenticationPrincipal SignedIn who,
            @RequestParam(required = false) @Nullable String series,
            @RequestParam(required = false) @Nullable UUID person) {
        String filter = (series == null ? "" : " and g.series = :series") + (person == null ? "" : ATTENDED);
        TypedQuery<Row> rows = entities.createQuery(
                "select new org.ledgerlamp.server.ledger.LedgerController$Row(m.folio, g.title, g.date, g.series, g.kind,"
                        + " (select count(l) from MinutesLine l where l.minutesId = m.id and l.folio is not null and l.kind = DECISION),"
                        + " (select count(l) from MinutesLine l where l.minutesId = m.id and l.folio is not null and l.kind = ACTION),"
                        + " (select count(a) from Attendance a where a.minutesId = m.id and a.present))"
                        + FILED + filter + " order by g.date desc, m.folio desc",
                Row.class);
        rows.setParameter("team", who.teamId());
        if (series != null) {
            rows.setParameter("series", series);
        }
        if (person != null) {
            rows.setParameter("person", person);
        }
        return new LedgerView(rows.getResultList(), series(who), people(who));
    }

    private List<SeriesCount> series(SignedIn who) {
        return entities.createQuery(
                        "select new org.ledgerlamp.server.ledger.LedgerController$SeriesCount(g.series, count(m))"
                                + FILED + " and g.series is not null group by g.series order by g.series",
                        SeriesCount.class)
                .setParameter("team", who.teamId())
                .getResultList();
    }

    private List<PersonCount> people(SignedIn who) {
        return entities.createQuery(
                        "select new org.ledgerlamp.server.ledger.LedgerController$PersonCount(p.id, p.name, count(m))"
                                + " from Minutes m, Attendance a, RosterPerson p where m.teamId = :team and m.folio is not null"
                                + " and a.minutesId = m.id and a.present and p.id = a.personId group by p.id, p.name order by p.name",
                        PersonCount.class)
                .setParameter("team", who.teamId())
                .getResultList();
    }
}
