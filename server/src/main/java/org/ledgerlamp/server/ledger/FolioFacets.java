package org.ledgerlamp.server.ledger;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.ledgerlamp.server.ledger.Facet.Value;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Keeps by what each folio is found, and counts how many folios have each value. */
@Component
class FolioFacets {
    private final JdbcTemplate database;

    FolioFacets(JdbcTemplate database) {
        this.database = database;
    }

    /** How many folios have a value. */
    record Count(Value value, long folios) {}

    /** Says what a folio is found by from now on; nothing where it is no folio any more. */
    void set(UUID teamId, UUID folioId, boolean archived, Collection<Value> values) {
        SortedSet<Value> now = new TreeSet<>(values);
        List<Boolean> wasArchived = new ArrayList<>();
        SortedSet<Value> before = new TreeSet<>();
        database.query(
                "select facet, value, archived from folio_facet where folio_id = ?",
                row -> {
                    before.add(new Value(Facet.valueOf(row.getString(1)), row.getString(2)));
                    wasArchived.add(row.getBoolean(3));
                },
                folioId);
        boolean moved = !wasArchived.isEmpty() && wasArchived.getFirst() != archived;
        SortedSet<Value> gone = new TreeSet<>(before);
        SortedSet<Value> come = new TreeSet<>(now);
        if (!moved) {
            gone.removeAll(now);
            come.removeAll(before);
        }
        database.batchUpdate(
                "delete from folio_facet where folio_id = ? and facet = ? and value = ?",
                gone.stream()
                        .map(v -> new Object[] {folioId, v.facet().name(), v.value()})
                        .toList());
        database.batchUpdate(
                "insert into folio_facet (team_id, folio_id, facet, value, archived) values (?, ?, ?, ?, ?)",
                come.stream()
                        .map(v -> new Object[] {teamId, folioId, v.facet().name(), v.value(), archived})
                        .toList());
        count(teamId, moved ? !archived : archived, gone, -1);
        count(teamId, archived, come, 1);
    }

    /** In the order of values in every transaction, so that two of them never wait for each other. */
    private void count(UUID teamId, boolean archived, SortedSet<Value> values, int by) {
        database.batchUpdate(
                "insert into facet_count (team_id, archived, facet, value, folios) values (?, ?, ?, ?, ?)"
                        + " on duplicate key update folios = folios + values(folios)",
                values.stream()
                        .map(v -> new Object[] {teamId, archived, v.facet().name(), v.value(), by})
                        .toList());
    }

    /** Counts anew what {@link #set} keeps counting. */
    void recount(UUID teamId) {
        database.update("delete from facet_count where team_id = ?", teamId);
        database.update(
                "insert into facet_count (team_id, archived, facet, value, folios)"
                        + " select team_id, archived, facet, value, count(*) from folio_facet where team_id = ?"
                        + " group by team_id, archived, facet, value",
                teamId);
    }

    /** What each folio is found by. */
    SortedSet<Value> of(UUID folioId) {
        SortedSet<Value> values = new TreeSet<>();
        database.query(
                "select facet, value from folio_facet where folio_id = ?",
                row -> {
                    values.add(new Value(Facet.valueOf(row.getString(1)), row.getString(2)));
                },
                folioId);
        return values;
    }

    /**
     * How many folios have each value, among those that have all the wanted ones. Without wanted ones the counts are read
     * off; otherwise the folios that fit are counted.
     */
    List<Count> counts(UUID teamId, boolean archived, Collection<Value> wanted) {
        if (wanted.isEmpty()) {
            return database.query(
                    "select facet, value, folios from facet_count where team_id = ? and archived = ? and folios > 0",
                    (row, n) -> new Count(new Value(Facet.valueOf(row.getString(1)), row.getString(2)), row.getLong(3)),
                    teamId,
                    archived);
        }
        List<Object> given = new ArrayList<>(List.of(teamId, archived));
        String query = "select f.facet, f.value, count(*) from folio_facet f where f.team_id = ? and f.archived = ?"
                + having("f.folio_id", teamId, archived, wanted, given) + " group by f.facet, f.value";
        return database.query(
                query,
                (row, n) -> new Count(new Value(Facet.valueOf(row.getString(1)), row.getString(2)), row.getLong(3)),
                given.toArray());
    }

    /**
     * Restricts a query to folios that have all the wanted values.
     *
     * @param column that holds the folio's id
     * @param given what the query is given, in order; what the restriction needs is added
     */
    static String having(
            String column, UUID teamId, boolean archived, Collection<Value> wanted, Collection<Object> given) {
        return wanted.stream()
                .map(v -> {
                    given.addAll(List.of(teamId, archived, v.facet().name(), v.value()));
                    return " and " + column + " in (select folio_id from folio_facet"
                            + " where team_id = ? and archived = ? and facet = ? and value = ?)";
                })
                .collect(Collectors.joining());
    }

    /** How often each label was given to other folios of a series, and how many folios the series has, under no label. */
    TreeMap<String, Integer> labelsOfSeries(UUID teamId, UUID but, String series) {
        TreeMap<String, Integer> counts = new TreeMap<>();
        database.query(
                "select l.facet, l.value, count(*) from folio_facet s join folio_facet l on l.folio_id = s.folio_id"
                        + " where s.team_id = ? and s.archived in (false, true) and s.facet = 'SERIES' and s.value = ?"
                        + " and s.folio_id <> ? and l.facet in ('ALL', 'COLLECTION', 'PROJECT', 'TAG')"
                        + " group by l.facet, l.value",
                row -> {
                    counts.put(row.getString(2), row.getInt(3));
                },
                teamId,
                series,
                but);
        return counts;
    }
}
