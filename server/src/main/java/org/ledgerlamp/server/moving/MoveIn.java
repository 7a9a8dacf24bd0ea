package org.ledgerlamp.server.moving;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.flywaydb.core.api.FlywayException;
import org.ledgerlamp.database.DataFolder;
import org.ledgerlamp.database.DatabaseFailure;
import org.ledgerlamp.database.PrivateMariaDb;
import org.ledgerlamp.server.common.OpenPgp;
import org.ledgerlamp.server.common.Secrets;
import org.slf4j.LoggerFactory;
import tools.jackson.databind.node.ObjectNode;

/** Reads a team's archive into the data folder of an installation that is not running; other teams there stay as they are. */
public final class MoveIn {
    /** A letter that still waited is sent where the team came from, and must not be sent twice. */
    private static final List<String> SETTLED = List.of(
            "update outgoing_letter set state = 'FAILED', next_try_at = null,"
                    + " problem = 'It had not been sent when the team moved here.'"
                    + " where state = 'WAITING' and team_id = ?",
            "insert ignore into first_visit select 1 from team where id = ?",
            "delete from index_shape where (select count(*) from team where id = ?) > 0");

    private static final DateTimeFormatter SAID =
            DateTimeFormatter.ofPattern("d MMMM uuuu, HH:mm", Locale.ENGLISH).withZone(ZoneId.systemDefault());

    private MoveIn() {}

    /**
     * Reads an archive; the process ends with 1 where that failed, and then nothing was changed.
     *
     * @param args the folder of data, which is made where it is missing; the archive; a file with its passphrase
     */
    public static void main(String[] args) {
        ((Logger) LoggerFactory.getLogger(org.slf4j.Logger.ROOT_LOGGER_NAME)).setLevel(Level.ERROR);
        try {
            Manifest manifest = read(
                    Path.of(args[0]).toAbsolutePath(),
                    Path.of(args[1]).toAbsolutePath(),
                    OpenPgp.key(Path.of(args[2])));
            System.out.println(manifest.team() + " is here, as it was on " + SAID.format(manifest.madeAt()) + ": "
                    + manifest.rows().getOrDefault("meeting", 0L) + " meetings, "
                    + manifest.rows().getOrDefault("member", 0L) + " members");
        } catch (IOException e) {
            System.err.println("lamp: " + e.getMessage());
            System.exit(1);
        }
    }

    static Manifest read(Path data, Path file, char[] key) throws IOException {
        try {
            DataFolder.close(data);
            Path home = data.resolve("mariadb");
            if (PrivateMariaDb.running(home).isPresent()) {
                throw new IOException("stop the application first: it is running on " + data);
            }
            try (Unpacked archive = Unpacked.of(data.resolve("moving-in"), file, key);
                    PrivateMariaDb database = PrivateMariaDb.start(home, PrivateMariaDb.Durability.SAFE)) {
                Schema.bringToLatest(database);
                try (Connection here =
                        DriverManager.getConnection(database.jdbcUrl(), database.user(), database.password())) {
                    checkRoom(archive, here);
                    here.setAutoCommit(false);
                    copyAll(archive, here, new Secrets(data));
                    here.commit();
                }
                return archive.manifest();
            }
        } catch (SQLException | DatabaseFailure | FlywayException e) {
            throw new IOException("the team could not be brought in: " + e.getMessage(), e);
        }
    }

    private static void checkRoom(Unpacked archive, Connection here) throws SQLException, IOException {
        if (!taken(here, "team", "id", column(archive.database(), "select id from team"))
                .isEmpty()) {
            throw new IOException(archive.manifest().team() + " is here already");
        }
        List<String> taken = taken(here, "member", "email", column(archive.database(), "select email from member"));
        if (!taken.isEmpty()) {
            throw new IOException("these addresses are members of another team here: " + String.join(", ", taken));
        }
    }

    private static List<String> column(Connection database, String query) throws SQLException {
        List<String> values = new ArrayList<>();
        try (Statement statement = database.createStatement();
                ResultSet found = statement.executeQuery(query)) {
            while (found.next()) {
                values.add(found.getString(1));
            }
        }
        return values;
    }

    private static List<String> taken(Connection here, String table, String column, List<String> values)
            throws SQLException {
        List<String> taken = new ArrayList<>();
        try (PreparedStatement look = here.prepareStatement("select 1 from " + table + " where " + column + " = ?")) {
            for (String value : values) {
                look.setString(1, value);
                try (ResultSet found = look.executeQuery()) {
                    if (found.next()) {
                        taken.add(value);
                    }
                }
            }
        }
        return taken;
    }

    private static void copyAll(Unpacked archive, Connection here, Secrets secrets) throws SQLException, IOException {
        try (Statement statement = here.createStatement()) {
            // What points at what was seen to while unpacking; here rows come table by table.
            statement.execute("set foreign_key_checks = 0");
        }
        for (String table : TeamTables.in(archive.database()).keySet()) {
            copy(archive.database(), here, table, secrets);
        }
        for (String settled : SETTLED) {
            try (PreparedStatement statement = here.prepareStatement(settled)) {
                statement.setString(1, archive.manifest().teamId().toString());
                statement.executeUpdate();
            }
        }
    }

    private static void copy(Connection from, Connection to, String table, Secrets secrets)
            throws SQLException, IOException {
        Set<String> sealed = TeamTables.SECRETS.getOrDefault(table, Set.of());
        try (Statement statement = from.createStatement();
                TableWriter into = new TableWriter(to, table)) {
            statement.setFetchSize(1); // some rows are as long as the longest file
            try (ResultSet rows = statement.executeQuery("select * from `" + table + "`")) {
                while (rows.next()) {
                    ObjectNode row = RowFormat.row(rows);
                    sealed.forEach(column -> RowFormat.replaceBytes(
                            row, column, told -> secrets.hidden(new String(told, StandardCharsets.UTF_8))));
                    into.add(row);
                }
            }
        }
    }
}
