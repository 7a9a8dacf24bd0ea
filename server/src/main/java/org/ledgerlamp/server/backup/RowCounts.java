package org.ledgerlamp.server.backup;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/** How many rows every table of a database has, but for those that come and go all the time. */
record RowCounts(Map<String, Long> byTable) {
    private static final String PASSING = "job_.*|spring_session.*|hsearch_.*|backup";

    static RowCounts of(Connection database) throws SQLException {
        Map<String, Long> counts = new TreeMap<>();
        try (Statement statement = database.createStatement()) {
            for (String table : tables(statement)) {
                try (ResultSet count = statement.executeQuery("select count(*) from `" + table + "`")) {
                    count.next();
                    counts.put(table, count.getLong(1));
                }
            }
        }
        return new RowCounts(counts);
    }

    private static List<String> tables(Statement statement) throws SQLException {
        List<String> tables = new ArrayList<>();
        try (ResultSet names = statement.executeQuery("select table_name from information_schema.tables"
                + " where table_schema = database() and table_type = 'BASE TABLE' order by table_name")) {
            while (names.next()) {
                if (!names.getString(1).toLowerCase(Locale.ROOT).matches(PASSING)) {
                    tables.add(names.getString(1));
                }
            }
        }
        return tables;
    }

    /** The tables that have not as many rows as they had at some moment between two others. */
    List<String> notBetween(RowCounts before, RowCounts after) {
        List<String> wrong = new ArrayList<>();
        for (Map.Entry<String, Long> was : before.byTable.entrySet()) {
            long then = after.byTable.getOrDefault(was.getKey(), was.getValue());
            long here = byTable.getOrDefault(was.getKey(), -1L);
            if (here < Math.min(was.getValue(), then) || here > Math.max(was.getValue(), then)) {
                wrong.add(was.getKey());
            }
        }
        return wrong;
    }
}
