package org.ledgerlamp.server.ledger;

import java.sql.Date;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Which folios and reference notes are found by what their covers say, for those who look into them. */
@Component
@Transactional(readOnly = true)
public class FoundFolios {
    private final JdbcTemplate database;
    private final Labels labels;

    FoundFolios(JdbcTemplate database, Labels labels) {
        this.database = database;
        this.labels = labels;
    }

    /** Whether folios that were archived are meant. */
    public enum Archived {
        WITHOUT,
        WITH,
        ONLY
    }

    /** Something a folio bears: a series, or a label of some sort. */
    public enum Bearing {
        SERIES,
        COLLECTION,
        PROJECT,
        TAG
    }

    /**
     * What is wanted of a folio.
     *
     * @param borne pieces of the names of what it is to bear
     * @param from first day it may be of, or null
     * @param to last day, or null
     * @param number the one it is to have, or null
     */
    public record Wanted(
            Archived archived,
            Map<Bearing, List<String>> borne,
            @Nullable LocalDate from,
            @Nullable LocalDate to,
            @Nullable Integer number) {
        /** Whether every folio that there is will do. */
        public boolean isAnything() {
            return archived == Archived.WITH && isAnyOfThem();
        }

        /** Whether every folio that is not archived will do. */
        public boolean isAllButArchived() {
            return archived == Archived.WITHOUT && isAnyOfThem();
        }

        private boolean isAnyOfThem() {
            return borne.isEmpty() && from == null && to == null && number == null;
        }
    }

    /** Something that is borne, and by how many folios. */
    public record Borne(Bearing bearing, String name, long folios) {}

    /** The numbers of those that are wanted. */
    public List<Integer> numbers(UUID teamId, Wanted wanted) {
        StringBuilder query = new StringBuilder("select c.folio from folio_card c where c.team_id = ?");
        List<Object> given = new ArrayList<>(List.of(teamId));
        if (wanted.archived() != Archived.WITH) {
            query.append(" and c.archived = ?");
            given.add(wanted.archived() == Archived.ONLY);
        }
        wanted.borne()
                .forEach((bearing, names) -> names.forEach(name -> {
                    if (bearing == Bearing.SERIES) {
                        query.append(" and locate(?, c.series) > 0");
                        given.add(name);
                    } else {
                        List<String> ids = idsNamed(teamId, bearing, name);
                        query.append(
                                        " and c.id in (select f.folio_id from folio_facet f where f.team_id = ? and f.facet = ?")
                                .append(" and f.value in (")
                                .append(String.join(",", Collections.nCopies(Math.max(1, ids.size()), "?")))
                                .append("))");
                        given.addAll(List.of(teamId, bearing.name()));
                        given.addAll(ids.isEmpty() ? List.of("") : ids);
                    }
                }));
        if (wanted.from() != null) {
            query.append(" and c.held_on >= ?");
            given.add(Date.valueOf(wanted.from()));
        }
        if (wanted.to() != null) {
            query.append(" and c.held_on <= ?");
            given.add(Date.valueOf(wanted.to()));
        }
        if (wanted.number() != null) {
            query.append(" and c.folio = ?");
            given.add(wanted.number());
        }
        return database.queryForList(query.toString(), Integer.class, given.toArray());
    }

    /** The numbers of those that are archived. */
    public List<Integer> archived(UUID teamId) {
        return database.queryForList(
                "select folio from folio_card where team_id = ? and archived = true", Integer.class, teamId);
    }

    /** The numbers of what lies in a collection of exactly this name. */
    public List<Integer> inCollection(UUID teamId, String name) {
        return labels.findByTeamIdAndSortAndName(teamId, LabelSort.COLLECTION, name)
                .map(l -> database.queryForList(
                        "select c.folio from folio_card c join folio_facet f on f.folio_id = c.id"
                                + " where f.team_id = ? and f.archived in (false, true) and f.facet = ? and f.value = ?",
                        Integer.class,
                        teamId,
                        Bearing.COLLECTION.name(),
                        l.id().toString()))
                .orElse(List.of());
    }

    private List<String> idsNamed(UUID teamId, Bearing bearing, String piece) {
        String wanted = piece.toLowerCase(Locale.ROOT);
        return labels.findByTeamIdOrderBySortAscNameAsc(teamId).stream()
                .filter(l -> l.sort().name().equals(bearing.name()))
                .filter(l -> l.name().toLowerCase(Locale.ROOT).contains(wanted))
                .map(l -> l.id().toString())
                .toList();
    }

    /** What some folios bear, each with how many of them do. */
    public List<Borne> borne(UUID teamId, Collection<Integer> numbers) {
        if (numbers.isEmpty()) {
            return List.of();
        }
        Map<String, Label> known = labels.findByTeamIdOrderBySortAscNameAsc(teamId).stream()
                .collect(Collectors.toMap(l -> l.id().toString(), Function.identity()));
        List<Object> given = new ArrayList<>(List.of(teamId));
        given.addAll(numbers);
        List<Borne> borne = new ArrayList<>();
        database.query(
                "select f.facet, f.value, count(*) from folio_card c join folio_facet f on f.folio_id = c.id"
                        + " where c.team_id = ? and f.facet in ('SERIES', 'COLLECTION', 'PROJECT', 'TAG') and c.folio in ("
                        + String.join(",", Collections.nCopies(numbers.size(), "?"))
                        + ") group by f.facet, f.value order by count(*) desc, f.value",
                row -> {
                    Bearing bearing = Bearing.valueOf(row.getString(1));
                    Label label = known.get(row.getString(2));
                    String name = bearing == Bearing.SERIES ? row.getString(2) : label == null ? null : label.name();
                    if (name != null) {
                        borne.add(new Borne(bearing, name, row.getLong(3)));
                    }
                },
                given.toArray());
        return borne;
    }
}
