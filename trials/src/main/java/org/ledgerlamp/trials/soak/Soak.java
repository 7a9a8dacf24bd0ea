package org.ledgerlamp.trials.soak;

import ch.qos.logback.classic.Level;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Puts throw-away installations under strain for so many minutes: kills, outages, a full disk, crowds, large and damaged
 * files. Prints what was measured beside what is wanted. An hour does all of it; less does less of each.
 */
public final class Soak {
    private static final String MEMORY = "1500m";
    private static final String DEMO = "--lamp.demo=true";
    private static final int DISK_MB = 900;
    private static final int RESERVE_MB = 64;
    private static final double ALL_OF_IT = 60;
    private static final int KILLS = 200;
    private static final int UPLOADS = 20;
    private static final int MEMBERS = 50;
    private static final int FILES = 10_000;
    private static final Duration OUTAGE = Duration.ofSeconds(60);
    private static final Duration CROWD = Duration.ofSeconds(60);
    private static final long SEED = 4;

    private final Path folder;
    private final double share;
    private final PrintStream out;
    private final List<Result> results = new ArrayList<>();

    private Soak(Path folder, double minutes, PrintStream out) {
        this.folder = folder;
        this.share = Math.min(1, minutes / ALL_OF_IT);
        this.out = out;
    }

    /**
     * Soaks; the process ends with 1 where something was not as it is wanted.
     *
     * @param args how many minutes; then, if wanted, the names of the trials to be made alone: kills, outages, uploads, crowd,
     *     hostile
     */
    public static void main(String[] args) throws Exception {
        double minutes = Double.parseDouble(args[0]);
        List<String> only = List.of(args).subList(1, args.length);
        quiet();
        Path folder = Files.createTempDirectory("ledger-lamp-soak");
        // The database's own account has to get through.
        Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwx--x--x"));
        Soak soak = new Soak(folder, minutes, System.out);
        try {
            soak.all(only);
        } finally {
            delete(folder);
        }
        boolean holds = soak.results.stream().allMatch(Result::holds);
        if (!holds) {
            System.out.println("What the installations said is kept in " + folder);
        }
        System.exit(holds ? 0 : 1);
    }

    /** That connections break off when something is killed is no news; the partners would tell it each time. */
    private static void quiet() {
        ((ch.qos.logback.classic.Logger) LoggerFactory.getLogger(Logger.ROOT_LOGGER_NAME)).setLevel(Level.OFF);
        Thread.setDefaultUncaughtExceptionHandler((thread, failure) -> {
            if (!thread.getName().startsWith("smtp")) {
                failure.printStackTrace();
            }
        });
    }

    private interface Trial {
        List<Result> on(Installation installation) throws Exception;
    }

    private void all(List<String> only) throws Exception {
        run(only, "crowd", List.of(DEMO), i -> List.of(new Crowd(i, some(MEMBERS), some(CROWD)).run()));
        run(only, "uploads", List.of(), i -> List.of(new Uploads(i, some(UPLOADS)).run()));
        run(only, "hostile", List.of(DEMO), i -> List.of(new Hostile(i, some(FILES), SEED).run()));
        if (only.isEmpty() || only.contains("outages")) {
            outages();
        }
        // What is left of the time: one kill after the other.
        run(
                only,
                "kills",
                List.of(),
                i -> List.of(new Kills(i, SEED).run(some(KILLS), Instant.now().plusSeconds((long) (45 * 60 * share)))));
        out.println();
        results.forEach(r -> out.println(r.row()));
    }

    private int some(int ofAll) {
        return (int) Math.max(1, Math.ceil(ofAll * share));
    }

    private Duration some(Duration ofAll) {
        return Duration.ofSeconds(some((int) ofAll.toSeconds()));
    }

    private void run(List<String> only, String name, List<String> settings, Trial trial) throws Exception {
        if (!only.isEmpty() && !only.contains(name)) {
            return;
        }
        try (Installation installation =
                new Installation(folder.resolve(name), MEMORY, settings.toArray(String[]::new))) {
            installation.start();
            tell(trial.on(installation));
        }
    }

    private void outages() throws Exception {
        Path where = folder.resolve("outages");
        Optional<SmallDisk> disk = SmallDisk.of(where, DISK_MB);
        try (Installation installation = new Installation(where, MEMORY, "--lamp.disk-reserve-mb=" + RESERVE_MB)) {
            installation.start();
            tell(new Outages(installation, some(OUTAGE), disk.orElse(null)).run());
        } finally {
            if (disk.isPresent()) {
                disk.get().close();
            }
        }
    }

    private void tell(List<Result> found) {
        found.forEach(r -> out.println(r.row()));
        results.addAll(found);
    }

    /** Deletes everything but what the installations said. */
    private static void delete(Path folder) throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path path : all.sorted(Comparator.reverseOrder()).toList()) {
                boolean kept = path.endsWith("log") && Files.isRegularFile(path);
                if (!kept && !(Files.isDirectory(path) && isInUse(path))) {
                    Files.delete(path);
                }
            }
        }
    }

    private static boolean isInUse(Path folder) throws IOException {
        try (Stream<Path> inside = Files.list(folder)) {
            return inside.findAny().isPresent();
        }
    }
}
