package org.ledgerlamp.server.backup;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.database.DataFolder;
import org.ledgerlamp.database.DatabaseDump;
import org.ledgerlamp.database.DatabaseDump.Access;
import org.ledgerlamp.database.DatabaseFailure;
import org.ledgerlamp.database.PrivateMariaDb;
import org.ledgerlamp.server.common.OpenPgp;

/** What {@code ./lamp backup} and {@code ./lamp restore} do, with the application running or not. */
public final class BackupCommand {
    private static final String SECRETS = "secrets.key";

    /** Sessions, and what the index remembers of a process that is gone. */
    private static final String OF_ANOTHER_LIFE =
            "delete from SPRING_SESSION_ATTRIBUTES; delete from SPRING_SESSION; delete from hsearch_agent;";

    private BackupCommand() {}

    /**
     * Writes or reads a backup; the process ends with 1 where that failed.
     *
     * @param args {@code backup} or {@code restore}; the folder of data; the backup; if wanted, a file with the key
     */
    public static void main(String[] args) {
        try {
            Path data = Path.of(args[1]).toAbsolutePath();
            Path file = Path.of(args[2]).toAbsolutePath();
            char[] key = args.length > 3 ? OpenPgp.key(Path.of(args[3])) : null;
            if (args[0].equals("backup")) {
                backUp(data, file, key);
            } else {
                restore(data, file, key);
            }
        } catch (DatabaseFailure | IOException e) {
            System.err.println("lamp: " + e.getMessage());
            System.exit(1);
        }
    }

    static void backUp(Path data, Path file, char @Nullable [] key) throws IOException {
        if (BackupFile.isEncrypted(file) != (key != null)) {
            throw new IOException("a backup is called " + BackupFile.ending(key != null)
                    + (key == null ? " where no key is given" : " where a key is given"));
        }
        Path home = data.resolve("mariadb");
        Optional<Access> running = PrivateMariaDb.running(home);
        if (running.isPresent()) {
            write(data, file, key, running.get());
        } else {
            try (PrivateMariaDb database = PrivateMariaDb.start(home, PrivateMariaDb.Durability.SAFE)) {
                write(data, file, key, database.access());
            }
        }
    }

    private static void write(Path data, Path file, char @Nullable [] key, Access access) throws IOException {
        BackupFile.write(file, key, out -> DatabaseDump.write(access, out), Files.readAllBytes(data.resolve(SECRETS)));
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-------"));
    }

    /** Brings everything back into a folder that is empty. Whoever was signed in is signed out. */
    static void restore(Path data, Path file, char @Nullable [] key) throws IOException {
        DataFolder.close(data);
        try (PrivateMariaDb database = PrivateMariaDb.start(data.resolve("mariadb"), PrivateMariaDb.Durability.SAFE)) {
            byte[] secrets = BackupFile.read(file, key, in -> DatabaseDump.load(database.access(), in));
            DatabaseDump.load(
                    database.access(), new ByteArrayInputStream(OF_ANOTHER_LIFE.getBytes(StandardCharsets.UTF_8)));
            Path at = data.resolve(SECRETS);
            Files.createFile(at, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
            Files.write(at, secrets);
        }
    }
}
