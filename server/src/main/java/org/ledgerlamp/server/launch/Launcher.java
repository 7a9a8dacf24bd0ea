package org.ledgerlamp.server.launch;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.ledgerlamp.database.DataFolder;
import org.ledgerlamp.database.DatabaseFailure;
import org.ledgerlamp.database.FreePort;
import org.ledgerlamp.database.PrivateMariaDb;
import org.ledgerlamp.database.PrivateMariaDb.Durability;
import org.ledgerlamp.server.LedgerLamp;
import org.ledgerlamp.server.access.FirstVisit;
import org.ledgerlamp.server.common.PatientThreads;
import org.ledgerlamp.server.demo.DemoLoader;
import org.springframework.boot.Banner;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** Starts the private database, then the application on it; on the way out the other way round. */
public final class Launcher {
    private static final int USUAL_PORT = 8077;
    /** The setting to stop as soon as everything has started. */
    private static final String REHEARSAL = "--lamp.rehearsal=true";

    /** In the data folder: where the application is, while it runs. */
    private static final String ADDRESS_FILE = "address";

    private Launcher() {}

    /**
     * Runs until it is stopped.
     *
     * @param args the folder for data, then settings for Spring such as {@code --server.port=8077}
     */
    public static void main(String[] args) {
        try {
            Path data = Path.of(args[0]).toAbsolutePath();
            List<String> settings = new ArrayList<>(List.of(args).subList(1, args.length));
            if (settings.stream().noneMatch(s -> s.startsWith("--server.port="))) {
                settings.add("--server.port=" + FreePort.orUsual(USUAL_PORT));
            }
            ConfigurableApplicationContext running = start(data, Durability.SAFE, settings);
            if (settings.contains(REHEARSAL)) {
                System.exit(SpringApplication.exit(running));
            }
            announce(running, data);
        } catch (DatabaseFailure | IOException e) {
            System.err.println("lamp: " + e.getMessage());
            System.exit(1);
        }
    }

    /**
     * Starts database and application.
     *
     * @param data folder of everything that is kept
     * @param settings further settings for Spring, each {@code --key=value}
     * @return the running application; closing it leaves the database to the end of the process
     */
    public static ConfigurableApplicationContext start(Path data, Durability durability, List<String> settings) {
        DataFolder.close(data);
        PatientThreads.compilersToo();
        PrivateMariaDb database = PrivateMariaDb.start(data.resolve("mariadb"), durability);
        SpringApplication.getShutdownHandlers().add(database::close);
        List<String> arguments = new ArrayList<>(List.of(
                "--lamp.data=" + data,
                "--spring.datasource.url=" + database.jdbcUrl(),
                "--spring.datasource.username=" + database.user(),
                "--spring.datasource.password=" + database.password()));
        if (settings.stream().anyMatch(s -> s.startsWith("--lamp.address=https://"))) {
            // A proxy stands before us: it says who calls and how, and cookies are for encrypted connections alone.
            arguments.add("--server.forward-headers-strategy=native");
        }
        arguments.addAll(settings);
        SpringApplication application = new SpringApplication(LedgerLamp.class);
        application.setBannerMode(Banner.Mode.OFF);
        application.setRegisterShutdownHook(true);
        application.setLogStartupInfo(false);
        return application.run(arguments.toArray(String[]::new));
    }

    /** Says on the screen, and to other programs in a file, where the application is. */
    private static void announce(ConfigurableApplicationContext running, Path data) throws IOException {
        String address = "http://127.0.0.1:" + running.getEnvironment().getProperty("local.server.port");
        Files.writeString(data.resolve(ADDRESS_FILE), address + "\n");
        System.out.println("Ledger Lamp is at " + address);
        running.getBean(FirstVisit.class)
                .code()
                .ifPresent(
                        code -> System.out.println("  the first visit makes the team; it asks for this code: " + code));
        running.getBeanProvider(DemoLoader.class).ifAvailable(demo -> demo.signIns()
                .forEach(s -> System.out.println("  sign in as " + s.email() + " with " + s.password())));
        System.out.println("Ctrl+C stops it.");
    }
}
