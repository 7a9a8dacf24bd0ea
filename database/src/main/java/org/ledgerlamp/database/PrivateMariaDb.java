package org.ledgerlamp.database;

import java.io.File;
import java.io.IOException;
import java.lang.System.Logger;
import java.lang.System.Logger.Level;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;

/**
 * A MariaDB server of our own: its data in a folder we name, reached by a socket in that folder alone, stopped with us. No
 * other server on the machine is touched. Who may sign in is laid down anew at every start: the application, and the
 * account that runs us by the socket; every other account is dropped.
 *
 * <p>A server that dies under us is started again, on the same address, as soon as it can be: after a disk that was full,
 * say. One left behind by a process that was killed is taken over by the next {@link #start}.
 */
public final class PrivateMariaDb implements AutoCloseable {
    private static final Logger LOG = System.getLogger(PrivateMariaDb.class.getName());
    static final String DATABASE = "lamp";
    private static final String USER = "lamp";
    private static final Duration PATIENCE = Duration.ofSeconds(60);
    private static final Duration BEFORE_ANOTHER_TRY = Duration.ofSeconds(2);
    private static final int LONGEST_SOCKET_ADDRESS = 100;

    /** How much is risked for speed. */
    public enum Durability {
        /** An acknowledged write survives the loss of power. */
        SAFE,
        /** For throw-away servers of tests: the last second may be lost. */
        FAST
    }

    private final Path folder;
    private final ServerAccount account;
    private final FolderLock lock;
    private final Path socket;
    private final Durability durability;
    /** Made anew whenever the application starts, so that it needs to be kept nowhere. */
    private final String password = UUID.randomUUID().toString();

    private volatile Process process;
    private volatile boolean closing;

    private PrivateMariaDb(Path folder, ServerAccount account, FolderLock lock, Durability durability)
            throws IOException {
        this.folder = folder;
        this.account = account;
        this.lock = lock;
        this.durability = durability;
        this.socket = socket();
    }

    /**
     * Starts the server, creating its data folder the first time, and returns when it accepts connections.
     *
     * @param folder where data, socket and log live; created when missing
     * @throws DatabaseFailure where MariaDB is not installed, does not start, or somebody runs one on the same folder;
     *     the message says what to do
     */
    public static PrivateMariaDb start(Path folder, Durability durability) {
        Path home = folder.toAbsolutePath();
        ServerAccount account = ServerAccount.ofThisProcess();
        FolderLock lock;
        try {
            account.letThrough(home);
            lock = FolderLock.take(home);
        } catch (IOException e) {
            throw new DatabaseFailure("the folder " + home + " cannot be used: " + e.getMessage(), e);
        }
        try {
            account.checkReaches(home);
            stopLeftBehind(home);
            PrivateMariaDb database = new PrivateMariaDb(home, account, lock, durability);
            database.install();
            database.launch();
            Thread.ofPlatform().daemon().name("database-watch").start(database::watch);
            return database;
        } catch (IOException e) {
            lock.close();
            throw new DatabaseFailure("MariaDB could not be started in " + home + ": " + e.getMessage(), e);
        } catch (DatabaseFailure e) {
            lock.close();
            throw e;
        }
    }

    /** Where a JDBC client finds the database. */
    public String jdbcUrl() {
        return "jdbc:mariadb://localhost/" + DATABASE + "?socketFactory=" + UnixSocketFactory.class.getName() + "&"
                + UnixSocketFactory.WHERE + "=" + socket;
    }

    /** The user that owns the database and may do nothing outside it. */
    public String user() {
        return USER;
    }

    /** That user's password until we stop. */
    public String password() {
        return password;
    }

    /**
     * How whoever administers the machine gets into a server that another process of theirs runs on a folder.
     *
     * @return nothing where none runs there
     */
    public static Optional<DatabaseDump.Access> running(Path folder) throws IOException {
        Path socket = folder.resolve("run/socket");
        return server(folder)
                .filter(s -> Files.exists(socket))
                .map(s -> new DatabaseDump.Access(socket, ServerAccount.administrator(), ""));
    }

    /** How its content is copied and brought back. */
    public DatabaseDump.Access access() {
        return new DatabaseDump.Access(socket, USER, password);
    }

    /** The server's log. */
    public Path logFile() {
        return log().toPath();
    }

    /** Shuts the server down cleanly and waits until it is gone. */
    @Override
    public synchronized void close() {
        closing = true;
        stop(process.toHandle());
        lock.close();
    }

    private void install() throws IOException {
        for (String own : List.of("data", "tmp", "run", "exchange")) {
            account.give(folder.resolve(own));
        }
        if (Files.exists(folder.resolve("data/mysql"))) {
            return;
        }
        List<String> command = new ArrayList<>(List.of(Programs.path("mariadb-install-db"), "--no-defaults"));
        command.addAll(account.options());
        command.addAll(List.of(
                "--datadir=" + folder.resolve("data"),
                "--auth-root-authentication-method=socket",
                "--auth-root-socket-user=" + ServerAccount.administrator(),
                "--skip-test-db",
                "--skip-name-resolve"));
        if (Programs.run(command, log()) != 0) {
            throw new DatabaseFailure("the data folder could not be created; the log says why: " + log(), null);
        }
    }

    private void launch() throws IOException {
        Path accounts = writeAccounts();
        try {
            process = new ProcessBuilder(command(accounts))
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.appendTo(log()))
                    .start();
            awaitReady();
        } finally {
            Files.deleteIfExists(accounts);
        }
    }

    private List<String> command(Path accounts) {
        List<String> command = new ArrayList<>();
        // Of a session of its own, so that Ctrl+C reaches us first and the server is stopped after its last client.
        command.add(Programs.path("setsid"));
        command.add(Programs.path("mariadbd"));
        command.add("--no-defaults");
        command.addAll(account.options());
        command.addAll(List.of(
                "--datadir=" + folder.resolve("data"),
                // A server clears this folder when it starts: a common one would be cleared under others.
                "--tmpdir=" + folder.resolve("tmp"),
                "--skip-networking",
                "--socket=" + socket,
                "--pid-file=" + folder.resolve("run/pid"),
                "--init-file=" + accounts,
                // The one folder that statements may read files from and write them to; nothing ever lies there.
                "--secure-file-priv=" + folder.resolve("exchange"),
                "--local-infile=0",
                "--skip-symbolic-links",
                "--skip-name-resolve",
                "--character-set-server=utf8mb4",
                "--collation-server=utf8mb4_unicode_ci",
                "--max-allowed-packet=64M",
                "--innodb-buffer-pool-size=256M",
                // With less, files of 20 MB have everybody wait until the log is written off.
                "--innodb-log-file-size=384M",
                "--skip-log-bin"));
        if (durability == Durability.FAST) {
            command.add("--innodb-flush-log-at-trx-commit=2");
        }
        return command;
    }

    /** Who may sign in, as statements that the server carries out before it lets anybody in; read by us two alone. */
    private Path writeAccounts() throws IOException {
        String sql =
                """
                create database if not exists %1$s;
                delete from mysql.global_priv where (user, host) not in (('mariadb.sys', 'localhost'), ('root', 'localhost'));
                delete from mysql.db;
                flush privileges;
                create user if not exists 'root'@'localhost';
                grant all on *.* to 'root'@'localhost' with grant option;
                alter user 'root'@'localhost' identified via unix_socket using '%4$s';
                create user '%2$s'@'localhost' identified by '%3$s';
                grant all on %1$s.* to '%2$s'@'localhost';
                """
                        .formatted(DATABASE, USER, password, ServerAccount.administrator());
        Path file = folder.resolve("accounts.sql");
        Files.deleteIfExists(file);
        Files.createFile(file, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
        Files.writeString(file, sql);
        account.letRead(file);
        return file;
    }

    private void awaitReady() {
        Instant until = Instant.now().plus(PATIENCE);
        List<String> ping = List.of(Programs.path("mariadb-admin"), "--no-defaults", "--socket=" + socket, "ping");
        while (Instant.now().isBefore(until)) {
            if (!process.isAlive()) {
                throw new DatabaseFailure("MariaDB stopped while starting; its log says why: " + logFile(), null);
            }
            if (Programs.succeeds(ping)) {
                return;
            }
        }
        stop(process.toHandle());
        throw new DatabaseFailure(
                "MariaDB did not answer within " + PATIENCE.toSeconds() + " s; its log: " + logFile(), null);
    }

    /** Starts the server again whenever it died without our having stopped it. */
    private void watch() {
        try {
            while (!closing) {
                process.waitFor();
                while (!closing && !process.isAlive()) {
                    LOG.log(Level.WARNING, "the database stopped; it is started again. Its log: {0}", log());
                    TimeUnit.MILLISECONDS.sleep(BEFORE_ANOTHER_TRY.toMillis());
                    launchAgain();
                }
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private synchronized void launchAgain() {
        if (closing) {
            return;
        }
        try {
            launch();
        } catch (IOException | DatabaseFailure e) {
            LOG.log(Level.WARNING, "the database does not start yet; it is tried again", e);
        }
    }

    /** A server whose parent was killed still holds the data folder: it is asked to stop, which loses nothing. */
    private static void stopLeftBehind(Path home) throws IOException {
        server(home).ifPresent(PrivateMariaDb::stop);
    }

    private static Optional<ProcessHandle> server(Path home) throws IOException {
        Path pidFile = home.resolve("run/pid");
        if (!Files.exists(pidFile)) {
            return Optional.empty();
        }
        String pid = Files.readString(pidFile).strip();
        Optional<ProcessHandle> process =
                pid.matches("\\d+") ? ProcessHandle.of(Long.parseLong(pid)) : Optional.empty();
        return process.filter(
                p -> p.info().command().filter(c -> c.endsWith("mariadbd")).isPresent());
    }

    private static void stop(ProcessHandle server) {
        server.destroy();
        try {
            server.onExit().get(PATIENCE.toSeconds(), TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } catch (ExecutionException | TimeoutException e) {
            throw new DatabaseFailure("MariaDB (process " + server.pid() + ") did not stop", e);
        }
    }

    private Path socket() throws IOException {
        // The address of a socket may have 107 bytes at most: in a deep folder it moves to the temporary one.
        Path near = folder.resolve("run/socket");
        if (near.toString().length() < LONGEST_SOCKET_ADDRESS) {
            return near;
        }
        Path own = Files.createTempDirectory("ledger-lamp-");
        account.give(own);
        return own.resolve("socket");
    }

    private File log() {
        return folder.resolve("mariadb.log").toFile();
    }
}
