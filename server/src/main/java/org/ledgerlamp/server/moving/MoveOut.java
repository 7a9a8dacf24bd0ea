package org.ledgerlamp.server.moving;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import javax.sql.DataSource;
import org.ledgerlamp.server.common.Secrets;
import org.springframework.stereotype.Component;
import tools.jackson.databind.node.ObjectNode;

/** Writes all that a team has into an archive, as it stands at one moment, while members go on working. */
@Component
class MoveOut {
    private final DataSource database;
    private final Secrets secrets;
    private final Clock clock;

    MoveOut(DataSource database, Secrets secrets, Clock clock) {
        this.database = database;
        this.secrets = secrets;
        this.clock = clock;
    }

    /**
     * Writes a team's archive.
     *
     * @param key it is encrypted with; the team's stored passwords lie open in it
     * @throws IOException where it could not be written; the file then is of no use
     */
    void write(UUID teamId, Path file, char[] key) throws IOException {
        try (Connection connection = database.getConnection()) {
            connection.setAutoCommit(false);
            try (Statement statement = connection.createStatement()) {
                statement.execute("start transaction with consistent snapshot");
                TeamArchive.write(file, key, archive -> fill(archive, connection, teamId));
            } finally {
                connection.rollback();
                connection.setAutoCommit(true);
            }
        } catch (SQLException e) {
            throw new IOException("the database cannot be read: " + e.getMessage(), e);
        }
    }

    private void fill(TeamArchive.Writer archive, Connection connection, UUID teamId) throws IOException {
        try {
            Map<String, String> tables = TeamTables.in(connection);
            Map<String, Long> rows = new TreeMap<>();
            for (Map.Entry<String, String> table : tables.entrySet()) {
                rows.put(table.getKey(), count(connection, table.getKey(), table.getValue(), teamId));
            }
            archive.begin(new Manifest(
                    Manifest.FORMAT, Schema.of(connection), teamId, name(connection, teamId), clock.instant(), rows));
            for (Map.Entry<String, String> table : tables.entrySet()) {
                copy(connection, table.getKey(), table.getValue(), teamId, archive.table(table.getKey()));
            }
        } catch (SQLException e) {
            throw new IOException("the database cannot be read: " + e.getMessage(), e);
        }
    }

    private static long count(Connection connection, String table, String condition, UUID teamId) throws SQLException {
        return Long.parseLong(first(connection, "select count(*) from `" + table + "` where " + condition, teamId));
    }

    private static String name(Connection connection, UUID teamId) throws SQLException {
        return first(connection, "select name from team where id = ?", teamId);
    }

    private static String first(Connection connection, String query, UUID teamId) throws SQLException {
        try (PreparedStatement statement = connection.prepareStatement(query)) {
            statement.setString(1, teamId.toString());
            try (ResultSet found = statement.executeQuery()) {
                if (!found.next()) {
                    throw new IllegalArgumentException("there is no team " + teamId);
                }
                return found.getString(1);
            }
        }
    }

    private void copy(Connection connection, String table, String condition, UUID teamId, TeamArchive.Table to)
            throws SQLException, IOException {
        Set<String> sealed = TeamTables.SECRETS.getOrDefault(table, Set.of());
        try (PreparedStatement statement =
                connection.prepareStatement("select * from `" + table + "` where " + condition)) {
            statement.setFetchSize(1); // some rows are as long as the longest file
            statement.setString(1, teamId.toString());
            try (ResultSet found = statement.executeQuery()) {
                while (found.next()) {
                    ObjectNode row = RowFormat.row(found);
                    sealed.forEach(column -> RowFormat.replaceBytes(
                            row, column, hidden -> secrets.told(hidden).getBytes(StandardCharsets.UTF_8)));
                    to.add(row);
                }
            }
        }
    }
}
