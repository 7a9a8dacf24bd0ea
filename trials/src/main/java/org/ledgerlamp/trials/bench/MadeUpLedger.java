package org.ledgerlamp.trials.bench;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * Makes a ledger large: copies the demo's filed meetings over and over, each copy under its own numbers and days, about
 * places of its own name, with everything that filing them wrote.
 */
final class MadeUpLedger {
    /** Talk behind a folio is made longer by so much: the demo's meetings are short. */
    private static final int PASSAGES_TIMES = 4;

    private static final String PLACE =
            "concat(elt(1 + k % 7, 'Sandra', 'Torva', 'Ulmer', 'Fjelna', 'Grimse', 'Halva', 'Ostra'),"
                    + " elt(1 + (k div 7) % 11, 'holm', 'vik', 'ness', 'sund', 'fjord', 'berg', 'dal', 'havn', 'lund', 'strand', 'bu'),"
                    + " elt(1 + (k div 77) % 13, '', 'a', 'e', 'is', 'or', 'um', 'ek', 'yn', 'at', 'il', 'es', 'ar', 'on'))";

    private final JdbcTemplate database;
    private final UUID team;

    MadeUpLedger(JdbcTemplate database, UUID team) {
        this.database = database;
        this.team = team;
    }

    /** How many filed meetings there are. */
    int meetings() {
        Integer filed = database.queryForObject(
                "select count(*) from minutes where team_id = ? and folio is not null", Integer.class, team);
        return filed == null ? 0 : filed;
    }

    /** Grows the ledger to at least so many filed meetings; does nothing where it has them. */
    void growTo(int meetings) {
        int seeds = meetings();
        if (seeds >= meetings) {
            return;
        }
        int copies = (meetings - seeds + seeds - 1) / seeds;
        database.execute("create or replace table bench_seed as select m.id minutes_id, m.meeting_id from minutes m"
                + " where m.folio is not null and m.team_id = '" + team + "'");
        database.execute("create or replace table bench_source as select f.id from source_file f"
                + " join bench_seed s on s.meeting_id = f.meeting_id");
        copy("meeting", "id in (select meeting_id from bench_seed)", copies, 1);
        copy("meeting_person", "meeting_id in (select meeting_id from bench_seed)", copies, 1);
        copy("source_file", "id in (select id from bench_source)", copies, 1);
        copy("passage", "source_id in (select id from bench_source)", copies, PASSAGES_TIMES);
        for (String table : List.of("minutes", "attendance", "minutes_line", "register_entry", "line_subject")) {
            String key = table.equals("minutes") ? "id" : "minutes_id";
            copy(table, key + " in (select minutes_id from bench_seed)", copies, 1);
        }
        copy("folio_card", "id in (select minutes_id from bench_seed)", copies, 1);
        copy("folio_facet", "folio_id in (select minutes_id from bench_seed)", copies, 1);
        copy("folio_word", "folio_id in (select minutes_id from bench_seed)", copies, 1);
        database.execute("delete from facet_count");
        database.execute("insert into facet_count (team_id, archived, facet, value, folios)"
                + " select team_id, archived, facet, value, count(*) from folio_facet group by 1, 2, 3, 4");
        database.update("update team_word set passages = passages * ?", (copies + 1) * PASSAGES_TIMES);
        database.update(
                "update team set last_folio = (select max(folio) from minutes where team_id = ?) where id = ?",
                team,
                team);
        database.execute("drop table bench_seed");
        database.execute("drop table bench_source");
        database.execute(
                "analyze table meeting, minutes, minutes_line, passage, register_entry, folio_card, folio_facet,"
                        + " folio_word, line_subject, attendance");
    }

    /** Copies rows of a table; ids become those of the copy, by one rule for all tables. */
    private void copy(String table, String which, int copies, int times) {
        Map<String, String> columns = new LinkedHashMap<>();
        database.query(
                "select column_name, column_type from information_schema.columns where table_schema = database()"
                        + " and table_name = ? order by ordinal_position",
                row -> {
                    columns.put(row.getString(1), row.getString(2));
                },
                table);
        String values = columns.entrySet().stream()
                .map(c -> value(table, c.getKey(), c.getValue()))
                .collect(Collectors.joining(", "));
        database.execute("insert into " + table + " (" + String.join(", ", columns.keySet()) + ") select " + values
                + " from (select t.*, a.seq k, b.seq j from " + table + " t, seq_1_to_" + copies + " a, seq_0_to_"
                + (times - 1) + " b where t." + which + ") c");
    }

    private static String value(String table, String column, String type) {
        if (type.equals("uuid")
                && List.of("id", "meeting_id", "minutes_id", "source_id", "line_id", "folio_id")
                        .contains(column)) {
            return "nullif(" + mapped(column + (table.equals("passage") && column.equals("id") ? ", j" : "")) + ", '')";
        }
        return switch (column) {
            case "folio" -> "folio + 100 * k";
            case "n" ->
                table.equals("passage")
                        ? "n + j * (select f.passages from source_file f where f.id = c.source_id)"
                        : column;
            case "passages" -> table.equals("source_file") ? "passages * " + PASSAGES_TIMES : column;
            case "held_on" -> "date_sub(held_on, interval k day)";
            case "due" -> "date_sub(due, interval k day)";
            case "due_key" -> "if(due_key > '9000-01-01', due_key, date_sub(due_key, interval k day))";
            case "spoken_of" -> "date_sub(spoken_of, interval k day)";
            case "series" -> "if(series is null or series = '', series, concat(series, ' ', k % 12))";
            case "value" ->
                "if(facet = 'SERIES', concat(value, ' ', k % 12), if(facet = 'PERIOD',"
                        + " concat(2024 + k % 3, '-Q', 1 + k % 4), value))";
            case "title" -> "concat(title, ', ', " + PLACE + ")";
            case "text" ->
                "replace(replace(text, 'Skarness', " + PLACE + "), 'charger', concat('charger ', " + PLACE + "))";
            case "word", "stem" ->
                "if(" + column + " in ('Skarness', 'skarnes', 'skarness'), lower(" + PLACE + "), " + column + ")";
            default -> column;
        };
    }

    private static String mapped(String id) {
        // The database takes only what reads as a UUID of a version it knows.
        String hash = "insert(insert(md5(concat_ws('-', " + id + ", k)), 13, 1, '4'), 17, 1, '8')";
        return "if(" + id.split(",")[0] + " is null, '', insert(insert(insert(insert(" + hash
                + ", 9, 0, '-'), 14, 0, '-'), 19, 0, '-'), 24, 0, '-'))";
    }
}
