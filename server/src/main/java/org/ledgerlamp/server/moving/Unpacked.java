package org.ledgerlamp.server.moving;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Iterator;
import java.util.Map;
import java.util.TreeMap;
import org.flywaydb.core.api.FlywayException;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.database.DatabaseFailure;
import org.ledgerlamp.database.PrivateMariaDb;
import org.springframework.util.FileSystemUtils;
import tools.jackson.databind.JsonNode;

/**
 * An archive in a database of its own, where it was found to be whole: as many rows as it says, all of them the team's, none
 * pointing at something that is not there. One of an earlier edition was brought to this one's shape.
 */
final class Unpacked implements AutoCloseable {
    private final Path folder;
    private final PrivateMariaDb scratch;
    private final Connection database;
    private @Nullable Manifest manifest;

    private Unpacked(Path folder, PrivateMariaDb scratch) throws SQLException {
        this.folder = folder;
        this.scratch = scratch;
        this.database = DriverManager.getConnection(scratch.jdbcUrl(), scratch.user(), scratch.password());
    }

    /**
     * Unpacks an archive.
     *
     * @param folder where the database is made; deleted in the end, and before
     * @throws IOException where the archive cannot be read, or is not what it says; the message says why
     */
    static Unpacked of(Path folder, Path file, char[] key) throws IOException {
        FileSystemUtils.deleteRecursively(folder);
        Unpacked unpacked = null;
        try {
            unpacked = new Unpacked(folder, PrivateMariaDb.start(folder, PrivateMariaDb.Durability.FAST));
            unpacked.load(file, key);
            return unpacked;
        } catch (SQLException | DatabaseFailure | FlywayException e) {
            closed(unpacked, folder);
            throw new IOException("the archive could not be unpacked: " + e.getMessage(), e);
        } catch (IOException e) {
            closed(unpacked, folder);
            throw e;
        }
    }

    private static void closed(@Nullable Unpacked unpacked, Path folder) throws IOException {
        if (unpacked == null) {
            FileSystemUtils.deleteRecursively(folder);
        } else {
            unpacked.close();
        }
    }

    Connection database() {
        return database;
    }

    Manifest manifest() {
        if (manifest == null) {
            throw new IllegalStateException("the archive is not read yet");
        }
        return manifest;
    }

    private void load(Path file, char[] key) throws IOException, SQLException {
        Map<String, Long> rows = new TreeMap<>();
        TeamArchive.read(file, key, new TeamArchive.Reader() {
            @Override
            public void begin(Manifest read) throws IOException {
                manifest = checked(read);
                execute("set foreign_key_checks = 0");
            }

            @Override
            public void table(String name, Iterator<JsonNode> of) throws IOException {
                rows.put(name, put(name, of));
            }
        });
        if (!rows.equals(new TreeMap<>(manifest().rows()))) {
            throw new IOException("the archive does not hold as many rows as it says");
        }
        Schema.bringToLatest(scratch);
        checkBelongs();
    }

    private Manifest checked(Manifest read) throws IOException {
        if (read.format() == Manifest.FORMAT) {
            Schema.bring(scratch, read.schema());
            if (schema() == read.schema()) {
                return read;
            }
        }
        throw new IOException("the archive was made by another edition of Ledger Lamp, a newer one");
    }

    private int schema() throws IOException {
        try {
            return Schema.of(database);
        } catch (SQLException e) {
            throw new IOException("the archive could not be unpacked: " + e.getMessage(), e);
        }
    }

    private long put(String table, Iterator<JsonNode> rows) throws IOException {
        try {
            if (!TeamTables.in(database).containsKey(table)) {
                throw new IOException("the archive holds a table that is not known: " + table);
            }
            database.setAutoCommit(false);
            try (TableWriter into = new TableWriter(database, table)) {
                while (rows.hasNext()) {
                    into.add(rows.next());
                }
                long written = into.written();
                database.commit();
                return written;
            } finally {
                database.setAutoCommit(true);
            }
        } catch (SQLException | IllegalArgumentException e) {
            throw new IOException("what the archive holds for " + table + " cannot be put there: " + e.getMessage(), e);
        }
    }

    private void checkBelongs() throws IOException, SQLException {
        String team = manifest().teamId().toString();
        for (Map.Entry<String, String> table : TeamTables.in(database).entrySet()) {
            String foreign = "select count(*) from `" + table.getKey() + "` where not (" + table.getValue() + ")";
            if (count(foreign.replace("?", "'" + team + "'")) > 0) {
                throw new IOException("the archive holds rows of another team: " + table.getKey());
            }
        }
        for (String lost : TeamTables.lost(database)) {
            if (count(lost) > 0) {
                throw new IOException("something in the archive points at what is not there");
            }
        }
    }

    private long count(String query) throws SQLException {
        try (Statement statement = database.createStatement();
                ResultSet found = statement.executeQuery(query)) {
            found.next();
            return found.getLong(1);
        }
    }

    private void execute(String statement) throws IOException {
        try (Statement one = database.createStatement()) {
            one.execute(statement);
        } catch (SQLException e) {
            throw new IOException("the archive could not be unpacked: " + e.getMessage(), e);
        }
    }

    @Override
    public void close() throws IOException {
        try {
            database.close();
        } catch (SQLException e) {
            throw new IOException("the database of the archive could not be closed: " + e.getMessage(), e);
        } finally {
            scratch.close();
            FileSystemUtils.deleteRecursively(folder);
        }
    }
}
