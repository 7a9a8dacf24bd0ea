package org.ledgerlamp.server.moving;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.Flyway;
import org.ledgerlamp.database.PrivateMariaDb;

/** The shape of a database's tables, which grows from edition to edition. */
final class Schema {
    private static final String LATEST = "latest";
    private static final String IF_KNOWN = "?";

    private Schema() {}

    /** The number of the last migration a database has gone through. */
    static int of(Connection database) throws SQLException {
        try (Statement statement = database.createStatement();
                ResultSet found = statement.executeQuery(
                        "select max(cast(version as int)) from flyway_schema_history where success")) {
            found.next();
            return found.getInt(1);
        }
    }

    /** Brings a database to the shape it had after a migration, or as near to it as this edition knows. */
    static void bring(PrivateMariaDb database, int migration) {
        migrate(database, migration + IF_KNOWN);
    }

    /** Brings a database to the shape it has in this edition. */
    static void bringToLatest(PrivateMariaDb database) {
        migrate(database, LATEST);
    }

    private static void migrate(PrivateMariaDb database, String target) {
        Flyway.configure()
                .dataSource(database.jdbcUrl(), database.user(), database.password())
                .target(target)
                .load()
                .migrate();
    }
}
