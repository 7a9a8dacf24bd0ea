package org.ledgerlamp.server.registers;

import jakarta.persistence.EntityManager;
import jakarta.persistence.TypedQuery;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.ledger.FoundBy;
import org.ledgerlamp.server.minutes.LineKind;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads the registers, a page at a time, by key: however long a register is, a page costs the same. */
@Service
@Transactional(readOnly = true)
class RegisterService {
    private static final int PAGE = 100;

    private final EntityManager entities;
    private final Clock clock;

    RegisterService(EntityManager entities, Clock clock) {
        this.entities = entities;
        this.clock = clock;
    }

    /**
     * Which entries are wanted.
     *
     * @param kind the register
     * @param open only what is open or stands
     * @param overdue only what was due before today
     * @param ownerId only what this person has, or null for everybody's
     * @param series only what this series recorded, or null
     * @param facets only of folios that have all of these, as the ledger writes them; empty for all
     * @param from only of meetings from this day on, or null
     * @param to only of meetings up to this day, or null
     * @param after where the page before ended, or null for the first page
     */
    record Wanted(
            LineKind kind,
            boolean open,
            boolean overdue,
            @Nullable UUID ownerId,
            @Nullable String series,
            List<String> facets,
            @Nullable LocalDate from,
            @Nullable LocalDate to,
            @Nullable String after) {
        /** The same, from where a page ended. */
        Wanted from(String place) {
            return new Wanted(kind, open, overdue, ownerId, series, facets, from, to, place);
        }

        /** Actions are sorted by the day they are due, all else by the day it was recorded, the latest first. */
        boolean byDue() {
            return kind == LineKind.ACTION;
        }
    }

    /**
     * A page of a register.
     *
     * @param next where the next page begins, or null where this is the last
     */
    record Page(List<RegisterEntry> entries, @Nullable String next) {}

    Page page(UUID teamId, Wanted wanted) {
        FoundBy found = FoundBy.read(wanted.facets());
        StringBuilder where = new StringBuilder("e.teamId = :team and e.kind = :kind");
        where.append(wanted.open() ? " and e.open = true" : "")
                .append(wanted.overdue() ? " and e.dueKey < :today" : "")
                .append(wanted.ownerId() == null ? "" : " and e.ownerId = :owner")
                .append(wanted.series() == null ? "" : " and e.series = :series")
                .append(wanted.from() == null ? "" : " and e.heldOn >= :from")
                .append(wanted.to() == null ? "" : " and e.heldOn <= :to")
                .append(found.condition("e.minutesId"));
        if (wanted.after() != null) {
            where.append(
                    wanted.byDue()
                            ? " and (e.dueKey, e.folio, e.number) > (:day, :folio, :number)"
                            : " and (e.heldOn < :day or e.heldOn = :day and (e.folio < :folio or e.folio = :folio and e.number > :number))");
        }
        String order = wanted.byDue() ? "e.dueKey, e.folio, e.number" : "e.heldOn desc, e.folio desc, e.number";
        TypedQuery<RegisterEntry> query = entities.createQuery(
                "select e from RegisterEntry e where " + where + " order by " + order, RegisterEntry.class);
        query.setParameter("team", teamId).setParameter("kind", wanted.kind()).setMaxResults(PAGE + 1);
        if (wanted.overdue()) {
            query.setParameter("today", LocalDate.now(clock));
        }
        if (wanted.ownerId() != null) {
            query.setParameter("owner", wanted.ownerId());
        }
        if (wanted.series() != null) {
            query.setParameter("series", wanted.series());
        }
        if (wanted.from() != null) {
            query.setParameter("from", wanted.from());
        }
        if (wanted.to() != null) {
            query.setParameter("to", wanted.to());
        }
        found.given(teamId).forEach(query::setParameter);
        if (wanted.after() != null) {
            Place place = Place.read(wanted.after());
            query.setParameter("day", place.day())
                    .setParameter("folio", place.folio())
                    .setParameter("number", place.number());
        }
        List<RegisterEntry> page = new ArrayList<>(query.getResultList());
        if (page.size() <= PAGE) {
            return new Page(page, null);
        }
        page.removeLast();
        RegisterEntry last = page.getLast();
        Place end = new Place(wanted.byDue() ? last.dueKey() : last.heldOn(), last.folio(), last.number());
        return new Page(page, end.written());
    }

    /** Reads on, page by page, until there are at least so many entries or no more. */
    Page atLeast(UUID teamId, Wanted wanted, int entries) {
        Page page = page(teamId, wanted);
        List<RegisterEntry> all = new ArrayList<>(page.entries());
        while (page.next() != null && all.size() < entries) {
            page = page(teamId, wanted.from(page.next()));
            all.addAll(page.entries());
        }
        return new Page(all, page.next());
    }

    /** The entries of a folio. */
    List<RegisterEntry> of(UUID minutesId) {
        return entities.createQuery(
                        "select e from RegisterEntry e where e.minutesId = :minutes order by e.number",
                        RegisterEntry.class)
                .setParameter("minutes", minutesId)
                .getResultList();
    }

    /**
     * How many entries of a register are open, and how many of these are overdue.
     *
     * @param open what is open or stands
     * @param overdue what of it was due before today
     */
    record RegisterCount(LineKind kind, long open, long overdue) {}

    /**
     * How many actions somebody has to do.
     *
     * @param ownerId whose, or null for those that nobody has
     */
    record OwnerCount(@Nullable UUID ownerId, long open, long overdue) {}

    List<OwnerCount> owners(UUID teamId) {
        return entities.createQuery(
                        "select new org.ledgerlamp.server.registers.RegisterService$OwnerCount(e.ownerId, count(e),"
                                + " sum(case when e.dueKey < :today then 1 else 0 end)) from RegisterEntry e"
                                + " where e.teamId = :team and e.kind = ACTION and e.open = true group by e.ownerId",
                        OwnerCount.class)
                .setParameter("team", teamId)
                .setParameter("today", LocalDate.now(clock))
                .getResultList();
    }

    List<RegisterCount> counts(UUID teamId) {
        return entities.createQuery(
                        "select new org.ledgerlamp.server.registers.RegisterService$RegisterCount(e.kind, count(e),"
                                + " sum(case when e.dueKey < :today then 1 else 0 end))"
                                + " from RegisterEntry e where e.teamId = :team and e.open = true group by e.kind",
                        RegisterCount.class)
                .setParameter("team", teamId)
                .setParameter("today", LocalDate.now(clock))
                .getResultList();
    }

    /** Where a page ends. */
    private record Place(LocalDate day, int folio, int number) {
        /** @throws Refusal where it is none */
        static Place read(String written) {
            String[] parts = written.split("/", -1);
            try {
                return new Place(LocalDate.parse(parts[0]), Integer.parseInt(parts[1]), Integer.parseInt(parts[2]));
            } catch (DateTimeException | NumberFormatException | ArrayIndexOutOfBoundsException e) {
                throw Refusal.invalid("“" + written + "” is no place in a register.");
            }
        }

        String written() {
            return day + "/" + folio + "/" + number;
        }
    }
}
