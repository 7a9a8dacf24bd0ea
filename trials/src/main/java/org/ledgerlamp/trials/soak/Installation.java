package org.ledgerlamp.trials.soak;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.ledgerlamp.database.FreePort;
import org.ledgerlamp.server.launch.Launcher;
import org.ledgerlamp.trials.Member;

/**
 * An installation to be thrown away, in a process of its own: it can be killed, held up and started again, always on the
 * same address.
 */
public final class Installation implements AutoCloseable {
    private static final String CODE = "KEEL";
    private static final String EMAIL = "mira@skerry.example";
    private static final String PASSWORD = "lamp over the quay";
    private static final Duration LONGEST_START = Duration.ofMinutes(5);

    private final Path data;
    private final List<String> command;
    private final String address;
    private Process server;

    /**
     * Prepares one; {@link #start} starts it.
     *
     * @param data a folder that is not there yet, or an empty one
     * @param memory what the virtual machine gets at the most, such as {@code 1500m}
     * @param settings further settings for Spring, each {@code --key=value}
     */
    public Installation(Path data, String memory, String... settings) throws IOException {
        this.data = data.toAbsolutePath();
        int port = FreePort.any();
        this.address = "http://127.0.0.1:" + port;
        this.command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xmx" + memory,
                "--enable-native-access=ALL-UNNAMED",
                "-cp",
                System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                Launcher.class.getName(),
                this.data.toString(),
                "--server.port=" + port,
                "--lamp.networks=127.0.0.1",
                "--lamp.first-visit-code=" + CODE));
        command.addAll(List.of(settings));
    }

    /** Where it is, from before it is started. */
    public String address() {
        return address;
    }

    /** Where its data lies. */
    public Path data() {
        return data;
    }

    /** Starts it and waits until it answers. */
    public void start() throws IOException, InterruptedException {
        Files.createDirectories(data);
        Path told = data.resolve("address");
        Files.deleteIfExists(told);
        Path log = data.resolve("log");
        server = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(log.toFile()))
                .start();
        Instant until = Instant.now().plus(LONGEST_START);
        while (!Files.exists(told)) {
            if (!server.isAlive() || Instant.now().isAfter(until)) {
                throw new IllegalStateException("it does not start:\n" + Files.readString(log));
            }
            TimeUnit.MILLISECONDS.sleep(50);
        }
    }

    /** Makes the team and signs its first member in; where the demo's is there, that one. */
    public Member firstMember() throws IOException, InterruptedException {
        Member first = new Member(address);
        if (first.json("/api/session").at("/setupNeeded").asBoolean()) {
            first.send(
                    "POST",
                    "/api/setup",
                    Map.of(
                            "code", CODE,
                            "team", "Skerry Line",
                            "name", "Mira Voss",
                            "email", EMAIL,
                            "password", PASSWORD));
        }
        return first.signIn(EMAIL, PASSWORD);
    }

    /** Kills the application without warning; its database lives on. */
    public void kill() throws InterruptedException {
        server.destroyForcibly().waitFor();
    }

    /** Kills the database without warning. */
    public void killDatabase() {
        database().ifPresent(d -> {
            d.destroyForcibly();
            d.onExit().join();
        });
    }

    /** Holds the database up: it is there, and does nothing. */
    public void holdDatabase(boolean up) throws IOException, InterruptedException {
        Optional<ProcessHandle> database = database();
        if (database.isPresent()) {
            new ProcessBuilder(
                            "kill",
                            up ? "-STOP" : "-CONT",
                            String.valueOf(database.get().pid()))
                    .inheritIO()
                    .start()
                    .waitFor();
        }
    }

    private Optional<ProcessHandle> database() {
        try {
            String pid = Files.readString(data.resolve("mariadb/run/pid")).strip();
            return pid.isEmpty() ? Optional.empty() : ProcessHandle.of(Long.parseLong(pid));
        } catch (NoSuchFileException notYet) {
            return Optional.empty();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Whether the application runs. */
    public boolean isAlive() {
        return server.isAlive();
    }

    /** How much memory the process of the application ever took, in MB: its objects, its code, everything. */
    public long memoryMb() throws IOException {
        try (Stream<String> lines = Files.lines(Path.of("/proc", String.valueOf(server.pid()), "status"))) {
            return lines.filter(l -> l.startsWith("VmHWM:"))
                    .mapToLong(l -> Long.parseLong(l.replaceAll("\\D", "")) / 1024)
                    .findFirst()
                    .orElseThrow();
        }
    }

    /** Stops it as an administrator would. */
    @Override
    public void close() {
        if (server != null) {
            server.destroy();
            try {
                if (!server.waitFor(60, TimeUnit.SECONDS)) {
                    server.destroyForcibly().waitFor();
                }
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        }
    }
}
