package org.ledgerlamp.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ColorScheme;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.ledgerlamp.database.PrivateMariaDb.Durability;
import org.ledgerlamp.server.launch.Launcher;
import org.springframework.context.ConfigurableApplicationContext;

/** The real application with the demo in it, on a throw-away database, driven in a real browser; one for all tests. */
abstract class BrowserTest {
    private static final Path HOME = Path.of(
                    System.getenv().getOrDefault("LAMP_TEST_DATA", "target"),
                    "data-" + ProcessHandle.current().pid())
            .toAbsolutePath();
    private static final String CHROMIUM = "/usr/bin/chromium";
    private static final List<String> FLAGS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    static final String MIRA = "mira@skerry.example";
    static final String MIRAS_PASSWORD = "lamp over the quay";
    static final String ANA = "ana@skerry.example";
    static final String ANAS_PASSWORD = "cable on the pier";

    /** A busy machine is slow, not wrong. */
    private static final int PATIENCE_MS = 30_000;

    static {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
    }

    private static final class Running {
        static final ConfigurableApplicationContext APPLICATION = start("demo", "--lamp.demo=true");
        static final Browser BROWSER = Playwright.create(
                        new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")))
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of(CHROMIUM))
                        .setArgs(FLAGS));
    }

    private final List<Desk> desks = new ArrayList<>();

    /** Starts an application of its own on empty data. */
    static ConfigurableApplicationContext start(String folder, String... settings) {
        List<String> all = new ArrayList<>(List.of("--server.port=0", "--spring.jmx.enabled=false"));
        all.addAll(List.of(settings));
        return Launcher.start(HOME.resolve(folder), Durability.FAST, all);
    }

    static String addressOf(ConfigurableApplicationContext application) {
        return "http://127.0.0.1:" + application.getEnvironment().getProperty("local.server.port");
    }

    static ConfigurableApplicationContext application() {
        return Running.APPLICATION;
    }

    static String address() {
        return addressOf(Running.APPLICATION);
    }

    Desk desk() {
        return desk(address(), Desk.WIDTH, ColorScheme.LIGHT);
    }

    Desk desk(String address, int width, ColorScheme scheme) {
        Desk desk = new Desk(Running.BROWSER, address, width, scheme);
        desks.add(desk);
        return desk;
    }

    Desk miraAtHerDesk() {
        return desk().signIn(MIRA, MIRAS_PASSWORD);
    }

    @AfterEach
    void nothing_went_wrong_unseen_and_nothing_was_asked_beyond_the_origin() {
        List<String> complaints =
                desks.stream().flatMap(d -> d.complaints().stream()).toList();
        desks.forEach(Desk::close);
        assertThat(complaints).isEmpty();
    }
}
