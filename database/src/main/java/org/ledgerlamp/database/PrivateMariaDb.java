package org.ledgerlamp.database;

import java.io.File;
import java.io.IOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.TimeUnit;

/**
 * A MariaDB server of our own: its data in a folder we name, listening on loopback alone, stopped with us. No other
 * server on the machine is touched.
 *
 * <p>A server left behind by a process that was killed is taken over by the next {@link #start}.
 */
public final class PrivateMariaDb implements AutoCloseable {
    private static final String DATABASE = "lamp";
    private static final String USER = "lamp";
    private static final int USUAL_PORT = 33077;
    private static final Duration PATIENCE = Duration.ofSeconds(60);
    private static final List<String> WHERE_PROGRAMS_ARE =
            List.of("/usr/sbin", "/usr/bin", "/usr/local/sbin", "/usr/local/bin");

    /** How much is risked for speed. */
    public enum Durability {
        /** An acknowledged write survives the loss of power. */
        SAFE,
        /** For throw-away servers of tests: the last second may be lost. */
        FAST
    }

    private final Path folder;
    private final FolderLock lock;
    private final int port;
    private final Process process;
    /** Made anew at every start, so that it needs to be kept nowhere. */
    private final String password = UUID.randomUUID().toString();

    private PrivateMariaDb(Path folder, FolderLock lock, int port, Process process) {
        this.folder = folder;
        this.lock = lock;
        this.port = port;
        this.process = process;
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
        try {
            createPrivate(home);
        } catch (IOException e) {
            throw new DatabaseFailure("the folder " + home + " cannot be used: " + e.getMessage(), e);
        }
        FolderLock lock = FolderLock.take(home);
        try {
            return start(home, lock, durability);
        } catch (IOException e) {
            lock.close();
            throw new DatabaseFailure("MariaDB could not be started in " + home + ": " + e.getMessage(), e);
        } catch (DatabaseFailure e) {
            lock.close();
            throw e;
        }
    }

    private static PrivateMariaDb start(Path home, FolderLock lock, Durability durability) throws IOException {
        stopLeftBehind(home);
        boolean fresh = !Files.exists(home.resolve("data/mysql"));
        if (fresh) {
            install(home);
        }
        int port = FreePort.orUsual(USUAL_PORT);
        Process process = new ProcessBuilder(serverCommand(home, port, durability))
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(log(home)))
                .start();
        PrivateMariaDb database = new PrivateMariaDb(home, lock, port, process);
        database.awaitReady();
        database.ensureSchema();
        return database;
    }

    /** Where a JDBC client finds the database. */
    public String jdbcUrl() {
        return "jdbc:mariadb://127.0.0.1:" + port + "/" + DATABASE;
    }

    /** The user that owns the database; reachable from this machine alone. */
    public String user() {
        return USER;
    }

    /** That user's password until the server stops. */
    public String password() {
        return password;
    }

    /** The server's log. */
    public Path logFile() {
        return log(folder).toPath();
    }

    /** Shuts the server down cleanly and waits until it is gone. */
    @Override
    public void close() {
        stop(process.toHandle());
        lock.close();
    }

    private static List<String> serverCommand(Path home, int port, Durability durability) throws IOException {
        List<String> command = new ArrayList<>();
        // Of a session of its own, so that Ctrl+C reaches us first and the server is stopped after its last client.
        command.add(program("setsid"));
        command.add(program("mariadbd"));
        command.add("--no-defaults");
        runAsRoot(command);
        command.addAll(List.of(
                "--datadir=" + home.resolve("data"),
                // A server clears this folder when it starts: a common one would be cleared under others.
                "--tmpdir=" + Files.createDirectories(home.resolve("tmp")),
                "--bind-address=127.0.0.1",
                "--port=" + port,
                "--socket=" + socket(home),
                "--pid-file=" + home.resolve("pid"),
                "--skip-name-resolve",
                "--character-set-server=utf8mb4",
                "--collation-server=utf8mb4_unicode_ci",
                "--max-allowed-packet=64M",
                "--skip-log-bin"));
        if (durability == Durability.FAST) {
            command.add("--innodb-flush-log-at-trx-commit=2");
        }
        return command;
    }

    private static void install(Path home) throws IOException {
        List<String> command = new ArrayList<>(List.of(program("mariadb-install-db"), "--no-defaults"));
        runAsRoot(command);
        command.addAll(List.of(
                "--datadir=" + home.resolve("data"),
                "--auth-root-authentication-method=normal",
                "--skip-test-db",
                "--skip-name-resolve"));
        run(command, home, "the data folder could not be created");
    }

    private static void runAsRoot(List<String> command) {
        if ("root".equals(System.getProperty("user.name"))) {
            command.add("--user=root");
        }
    }

    private void awaitReady() throws IOException {
        Instant until = Instant.now().plus(PATIENCE);
        List<String> ping =
                List.of(program("mariadb-admin"), "--no-defaults", "-uroot", "--socket=" + socket(folder), "ping");
        while (Instant.now().isBefore(until)) {
            if (!process.isAlive()) {
                throw new DatabaseFailure("MariaDB stopped while starting; its log says why: " + logFile(), null);
            }
            if (exitStatus(ping) == 0) {
                return;
            }
        }
        close();
        throw new DatabaseFailure(
                "MariaDB did not answer within " + PATIENCE.toSeconds() + " s; its log: " + logFile(), null);
    }

    private void ensureSchema() throws IOException {
        String sql = ("create database if not exists %1$s;"
                        + "create user if not exists '%2$s'@'127.0.0.1';"
                        + "alter user '%2$s'@'127.0.0.1' identified by '%3$s';"
                        + "grant all on %1$s.* to '%2$s'@'127.0.0.1';")
                .formatted(DATABASE, USER, password);
        Process client = new ProcessBuilder(program("mariadb"), "--no-defaults", "-uroot", "--socket=" + socket(folder))
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(log(folder)))
                .start();
        // By its input, not its arguments: those are shown to every user of the machine.
        try (Writer input = client.outputWriter(StandardCharsets.UTF_8)) {
            input.write(sql);
        }
        if (await(client) != 0) {
            throw new DatabaseFailure("the database could not be created; the log says why: " + log(folder), null);
        }
    }

    /** A server whose parent was killed still holds the data folder: it is asked to stop, which loses nothing. */
    private static void stopLeftBehind(Path home) throws IOException {
        Path pidFile = home.resolve("pid");
        if (!Files.exists(pidFile)) {
            return;
        }
        String pid = Files.readString(pidFile).strip();
        Optional<ProcessHandle> left = pid.matches("\\d+") ? ProcessHandle.of(Long.parseLong(pid)) : Optional.empty();
        left.filter(p -> p.info().command().filter(c -> c.endsWith("mariadbd")).isPresent())
                .ifPresent(PrivateMariaDb::stop);
    }

    private static void stop(ProcessHandle server) {
        server.destroy();
        try {
            server.onExit().get(PATIENCE.toSeconds(), TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } catch (java.util.concurrent.ExecutionException | java.util.concurrent.TimeoutException e) {
            throw new DatabaseFailure("MariaDB (process " + server.pid() + ") did not stop", e);
        }
    }

    private static void run(List<String> command, Path home, String failure) throws IOException {
        Process process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(log(home)))
                .start();
        if (await(process) != 0) {
            throw new DatabaseFailure(failure + "; the log says why: " + log(home), null);
        }
    }

    private static int exitStatus(List<String> command) throws IOException {
        return await(new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start());
    }

    private static int await(Process process) {
        try {
            return process.waitFor();
        } catch (InterruptedException e) {
            process.destroy();
            Thread.currentThread().interrupt();
            throw new DatabaseFailure("interrupted while MariaDB was being started", e);
        }
    }

    private static String program(String name) {
        return WHERE_PROGRAMS_ARE.stream()
                .map(folder -> Path.of(folder, name))
                .filter(Files::isExecutable)
                .findFirst()
                .map(Path::toString)
                .orElseThrow(() -> new DatabaseFailure(
                        "the program " + name + " is missing: install it with \"apt-get install mariadb-server\"",
                        null));
    }

    /** The root user has no password: whoever reaches the socket is let in, so nobody else may. */
    private static void createPrivate(Path folder) throws IOException {
        Files.createDirectories(folder);
        Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwx------"));
    }

    private static Path socket(Path home) throws IOException {
        // The address of a socket may have 107 bytes at most: in a deep folder it moves to the temporary one.
        Path near = home.resolve("socket");
        if (near.toString().length() < 100) {
            return near;
        }
        Path own = Path.of(System.getProperty("java.io.tmpdir"), "lamp-" + Integer.toHexString(home.hashCode()));
        createPrivate(own);
        return own.resolve("socket");
    }

    private static File log(Path home) {
        return home.resolve("mariadb.log").toFile();
    }
}
