package org.ledgerlamp.server.portraits;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.roster.RosterPerson;
import org.ledgerlamp.server.roster.RosterService;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** One person across the ledger, over HTTP. What they have to do themselves the register of actions lists. */
@RestController
@Transactional(readOnly = true)
class PersonController {
    private static final int MOST_MEETINGS = 60;

    private final EntityManager entities;
    private final RosterService roster;
    private final Clock clock;

    PersonController(EntityManager entities, RosterService roster, Clock clock) {
        this.entities = entities;
        this.roster = roster;
        this.clock = clock;
    }

    /**
     * A meeting of which minutes are filed.
     *
     * @param present whether the person was there; null where nobody knows
     * @param share of all words spoken, 0 to 1; 0 where unknown
     */
    record Attended(
            int folio,
            String title,
            LocalDate date,
            @Nullable String series,
            @Nullable Boolean present,
            double share) {}

    /**
     * What became of the actions a person took on.
     *
     * @param kept done
     * @param slipped open or done, and put off at least once
     * @param open not done yet
     * @param overdue of these, those that were due before today
     * @param dropped not to be done any more
     */
    record Commitments(long kept, long slipped, long open, long overdue, long dropped) {}

    /** @param meetings the latest ones, latest first */
    record PersonPortrait(
            UUID id,
            String name,
            @Nullable String role,
            @Nullable String email,
            long present,
            long absent,
            Commitments commitments,
            List<Attended> meetings) {}

    @GetMapping("/api/people/{id}/portrait")
    PersonPortrait of(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        RosterPerson person = roster.named(who.teamId(), List.of(id)).getFirst();
        List<Attended> meetings = entities.createQuery(
                        "select new org.ledgerlamp.server.portraits.PersonController$Attended(m.folio, g.title, g.date,"
                                + " g.series, a.present, a.share) from Attendance a, Minutes m join m.meeting g"
                                + " where a.minutesId = m.id and a.personId = :person and m.teamId = :team"
                                + " and m.folio is not null order by g.date desc, m.folio desc",
                        Attended.class)
                .setParameter("person", id)
                .setParameter("team", who.teamId())
                .setMaxResults(MOST_MEETINGS)
                .getResultList();
        return new PersonPortrait(
                id,
                person.name(),
                person.role(),
                person.email(),
                attended(who.teamId(), id, true),
                attended(who.teamId(), id, false),
                commitments(who.teamId(), id),
                meetings);
    }

    private long attended(UUID teamId, UUID person, boolean present) {
        return entities.createQuery(
                        "select count(a) from Attendance a, Minutes m where a.minutesId = m.id and a.personId = :person"
                                + " and a.present = :present and m.teamId = :team and m.folio is not null",
                        Long.class)
                .setParameter("person", person)
                .setParameter("present", present)
                .setParameter("team", teamId)
                .getSingleResult();
    }

    private Commitments commitments(UUID teamId, UUID person) {
        return entities.createQuery(
                        "select new org.ledgerlamp.server.portraits.PersonController$Commitments("
                                + " coalesce(sum(case when e.standing = DONE then 1L else 0L end), 0L),"
                                + " coalesce(sum(case when exists (select a.id from Act a where a.lineId = e.id"
                                + "   and a.kind = RE_DATED and a.takenBack = false) then 1L else 0L end), 0L),"
                                + " coalesce(sum(case when e.open = true then 1L else 0L end), 0L),"
                                + " coalesce(sum(case when e.open = true and e.dueKey < :today then 1L else 0L end), 0L),"
                                + " coalesce(sum(case when e.standing = DROPPED then 1L else 0L end), 0L))"
                                + " from RegisterEntry e where e.teamId = :team and e.kind = ACTION and e.ownerId = :person",
                        Commitments.class)
                .setParameter("today", LocalDate.now(clock))
                .setParameter("team", teamId)
                .setParameter("person", person)
                .getSingleResult();
    }
}
