package org.ledgerlamp.server.moving;

import java.io.IOException;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;

/** Puts rows into a table, many at a time. */
final class TableWriter implements AutoCloseable {
    private static final int ROWS_AT_ONCE = 200;
    private static final int LONG_VALUE = 1 << 20;

    private final Map<String, Integer> columns;
    private final PreparedStatement insert;
    private int waiting;
    private long written;

    /** @param table one that is known to be there: its name goes into a statement */
    TableWriter(Connection database, String table) throws SQLException {
        columns = columns(database, table);
        String names = columns.keySet().stream().map(c -> "`" + c + "`").collect(Collectors.joining(", "));
        String places = columns.keySet().stream().map(c -> "?").collect(Collectors.joining(", "));
        insert = database.prepareStatement("insert into `" + table + "` (" + names + ") values (" + places + ")");
    }

    private static Map<String, Integer> columns(Connection database, String table) throws SQLException {
        try (Statement statement = database.createStatement();
                ResultSet nothing = statement.executeQuery("select * from `" + table + "` limit 0")) {
            ResultSetMetaData data = nothing.getMetaData();
            Map<String, Integer> columns = new LinkedHashMap<>();
            for (int i = 1; i <= data.getColumnCount(); i++) {
                columns.put(data.getColumnLabel(i), data.getColumnType(i));
            }
            return columns;
        }
    }

    void add(JsonNode row) throws SQLException, IOException {
        RowFormat.fill(insert, columns, row);
        insert.addBatch();
        written++;
        if (++waiting == ROWS_AT_ONCE || isLong(row)) {
            send();
        }
    }

    private static boolean isLong(JsonNode row) {
        for (JsonNode value : row) {
            if (value.isString() && value.stringValue().length() > LONG_VALUE) {
                return true;
            }
        }
        return false;
    }

    private void send() throws SQLException {
        if (waiting > 0) {
            insert.executeBatch();
            waiting = 0;
        }
    }

    /** How many rows were put there. */
    long written() throws SQLException {
        send();
        return written;
    }

    @Override
    public void close() throws SQLException {
        try {
            send();
        } finally {
            insert.close();
        }
    }
}
