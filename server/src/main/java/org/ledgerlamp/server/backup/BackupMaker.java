package org.ledgerlamp.server.backup;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.List;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.database.DatabaseDump;
import org.ledgerlamp.database.DatabaseFailure;
import org.ledgerlamp.database.PrivateMariaDb;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.jdbc.autoconfigure.DataSourceProperties;
import org.springframework.stereotype.Component;
import org.springframework.util.FileSystemUtils;

/** Writes a backup and reads it back into a database of its own, to see that everything is in it. */
@Component
class BackupMaker {
    private static final String UNFINISHED = ".part";

    private final DataSource database;
    private final DatabaseDump.Access access;
    private final Path data;

    BackupMaker(DataSource database, DataSourceProperties properties, @Value("${lamp.data}") Path data) {
        this.database = database;
        this.access = DatabaseDump.Access.of(
                properties.determineUrl(), properties.determineUsername(), properties.determinePassword());
        this.data = data;
    }

    /**
     * Makes one; under its name there is nothing until it is whole and was read back.
     *
     * @param key what it is encrypted with, or null
     * @throws IOException where it could not be made, or not all of it can be read back; the message says why
     */
    void make(Path file, char @Nullable [] key) throws IOException {
        Files.createDirectories(file.getParent());
        Files.setPosixFilePermissions(file.getParent(), PosixFilePermissions.fromString("rwx------"));
        Path unfinished = file.resolveSibling("unfinished" + UNFINISHED + BackupFile.ending(key != null));
        try {
            RowCounts before = counts();
            BackupFile.write(
                    unfinished,
                    key,
                    out -> DatabaseDump.write(access, out),
                    Files.readAllBytes(data.resolve("secrets.key")));
            Files.setPosixFilePermissions(unfinished, PosixFilePermissions.fromString("rw-------"));
            RowCounts after = counts();
            tryBack(unfinished, key, before, after);
            Files.move(unfinished, file, StandardCopyOption.ATOMIC_MOVE);
        } finally {
            Files.deleteIfExists(unfinished);
        }
    }

    private RowCounts counts() throws IOException {
        try (Connection connection = database.getConnection()) {
            return RowCounts.of(connection);
        } catch (SQLException e) {
            throw new IOException("the database cannot be read: " + e.getMessage(), e);
        }
    }

    private void tryBack(Path file, char @Nullable [] key, RowCounts before, RowCounts after) throws IOException {
        Path trial = data.resolve("trial-of-backup");
        FileSystemUtils.deleteRecursively(trial);
        try (PrivateMariaDb scratch = PrivateMariaDb.start(trial, PrivateMariaDb.Durability.FAST)) {
            BackupFile.read(file, key, in -> DatabaseDump.load(scratch.access(), in));
            try (Connection connection =
                    DriverManager.getConnection(scratch.jdbcUrl(), scratch.user(), scratch.password())) {
                List<String> wrong = RowCounts.of(connection).notBetween(before, after);
                if (!wrong.isEmpty()) {
                    throw new IOException("read back, these differ: " + String.join(", ", wrong));
                }
            }
        } catch (SQLException | DatabaseFailure e) {
            throw new IOException("it could not be read back: " + e.getMessage(), e);
        } finally {
            FileSystemUtils.deleteRecursively(trial);
        }
    }
}
