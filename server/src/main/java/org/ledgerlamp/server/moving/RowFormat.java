package org.ledgerlamp.server.moving;

import java.io.IOException;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.sql.Types;
import java.util.Base64;
import java.util.HashSet;
import java.util.Map;
import java.util.function.UnaryOperator;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * A row of a table as a JSON object by column, and back: numbers as numbers, bytes as base64, all else as the database
 * writes it. Nothing is rounded, and times stay in UTC.
 */
final class RowFormat {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private RowFormat() {}

    static ObjectNode row(ResultSet at) throws SQLException {
        ResultSetMetaData columns = at.getMetaData();
        ObjectNode row = NODES.objectNode();
        for (int i = 1; i <= columns.getColumnCount(); i++) {
            row.set(columns.getColumnLabel(i), value(at, i, columns.getColumnType(i)));
        }
        return row;
    }

    private static JsonNode value(ResultSet at, int column, int type) throws SQLException {
        JsonNode value =
                switch (type) {
                    case Types.BIT, Types.BOOLEAN, Types.TINYINT, Types.SMALLINT, Types.INTEGER, Types.BIGINT ->
                        NODES.numberNode(at.getLong(column));
                    case Types.DOUBLE, Types.REAL, Types.FLOAT -> NODES.numberNode(at.getDouble(column));
                    case Types.BLOB, Types.BINARY, Types.VARBINARY, Types.LONGVARBINARY -> bytes(at.getBytes(column));
                    default -> NODES.stringNode(at.getString(column));
                };
        return at.wasNull() ? NODES.nullNode() : value;
    }

    private static JsonNode bytes(byte[] bytes) {
        return NODES.stringNode(bytes == null ? "" : Base64.getEncoder().encodeToString(bytes));
    }

    /** Puts other bytes in the place of those in a column, where there are any. */
    static void replaceBytes(ObjectNode row, String column, UnaryOperator<byte[]> by) {
        JsonNode value = row.get(column);
        if (!value.isNull()) {
            row.set(column, bytes(by.apply(Base64.getDecoder().decode(value.stringValue()))));
        }
    }

    /**
     * Fills the parameters of a statement with a row.
     *
     * @param columns with their types, in the order of the parameters
     * @throws IOException where the row has not these columns
     */
    static void fill(PreparedStatement statement, Map<String, Integer> columns, JsonNode row)
            throws SQLException, IOException {
        if (!row.isObject() || !new HashSet<>(row.propertyNames()).equals(columns.keySet())) {
            throw new IOException("a row has other columns than its table");
        }
        int place = 1;
        for (Map.Entry<String, Integer> column : columns.entrySet()) {
            set(statement, place++, column.getValue(), row.get(column.getKey()));
        }
    }

    private static void set(PreparedStatement statement, int place, int type, JsonNode value) throws SQLException {
        if (value.isNull()) {
            statement.setNull(place, type);
        } else if (isBytes(type)) {
            statement.setBytes(place, Base64.getDecoder().decode(value.stringValue()));
        } else if (value.isIntegralNumber()) {
            statement.setLong(place, value.asLong());
        } else if (value.isNumber()) {
            statement.setDouble(place, value.asDouble());
        } else {
            statement.setString(place, value.asString());
        }
    }

    private static boolean isBytes(int type) {
        return switch (type) {
            case Types.BLOB, Types.BINARY, Types.VARBINARY, Types.LONGVARBINARY -> true;
            default -> false;
        };
    }
}
