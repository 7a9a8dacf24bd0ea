package org.ledgerlamp.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.server.launch.Launcher;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Server and database killed without warning while lines are typed: none that was confirmed is missing. How often is said
 * by the property lamp.kills; fifty times is worth a coffee.
 */
class KillTest {
    private static final int KILLS = Integer.getInteger("lamp.kills", 2);
    private static final int LONGEST_RUN_MS = 1500;
    private static final JsonMapper JSON = JsonMapper.shared();
    private static final Path DATA = Path.of(
                    System.getenv().getOrDefault("LAMP_TEST_DATA", "target"),
                    "killed-" + ProcessHandle.current().pid())
            .toAbsolutePath();

    private final CookieManager cookies = new CookieManager();
    private final HttpClient http = HttpClient.newBuilder()
            .cookieHandler(cookies)
            .connectTimeout(Duration.ofSeconds(5))
            .build();
    private final Random random = new Random(4);
    private Process server;
    private String address;

    private void start() throws IOException {
        Path told = DATA.resolve("address");
        Files.deleteIfExists(told);
        Files.createDirectories(DATA);
        String classes = System.getProperty("surefire.test.class.path", System.getProperty("java.class.path"));
        server = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "--enable-native-access=ALL-UNNAMED",
                        "-cp",
                        classes,
                        Launcher.class.getName(),
                        DATA.toString(),
                        "--server.port=0",
                        "--lamp.first-visit-code=KEEL")
                .redirectErrorStream(true)
                .redirectOutput(DATA.resolve("log").toFile())
                .start();
        Awaitility.await().atMost(Duration.ofMinutes(2)).until(() -> {
            assertThat(server.isAlive())
                    .as(Files.readString(DATA.resolve("log")))
                    .isTrue();
            return Files.exists(told);
        });
        address = Files.readString(told).strip();
    }

    @AfterEach
    void stop() throws InterruptedException {
        if (server != null) {
            server.destroy();
            server.waitFor(30, TimeUnit.SECONDS);
        }
    }

    private JsonNode send(String method, String path, String type, String body)
            throws IOException, InterruptedException {
        String token = cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
        HttpResponse<String> answer = http.send(
                HttpRequest.newBuilder(URI.create(address + path))
                        .timeout(Duration.ofSeconds(20))
                        .header("Content-Type", type)
                        .header("X-XSRF-TOKEN", token)
                        .method(method, HttpRequest.BodyPublishers.ofString(body))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() >= 300) {
            throw new IOException(method + " " + path + " was answered with " + answer.statusCode() + answer.body());
        }
        return answer.body().isEmpty() ? JSON.createObjectNode() : JSON.readTree(answer.body());
    }

    private JsonNode json(String method, String path, Object body) throws IOException, InterruptedException {
        return send(method, path, "application/json", JSON.writeValueAsString(body));
    }

    private void signIn() throws IOException, InterruptedException {
        json("GET", "/api/session", "");
        send(
                "POST",
                "/api/session",
                "application/x-www-form-urlencoded",
                "email=mira%40skerry.example&password=lamp+over+the+quay");
        json("GET", "/api/session", "");
    }

    /** Types until the line goes dead; what was confirmed is put down. */
    private void type(String meeting, int round, Map<String, String> confirmed) {
        try {
            for (int i = 0; ; i++) {
                String name = UUID.randomUUID().toString();
                String text = "A: Tom, line " + round + "." + i + " by Friday";
                Map<String, Object> line = new LinkedHashMap<>();
                line.put("name", name);
                line.put("stamp", 1);
                line.put("position", 1000 * round + i);
                line.put("indent", 0);
                line.put("text", text);
                line.put("typedAt", "2026-11-27T10:00:00Z");
                line.put("removed", false);
                json("PUT", "/api/meetings/" + meeting + "/page", Map.of("lines", List.of(line)));
                confirmed.put(name, text);
            }
        } catch (IOException dead) {
            return;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void killDatabase() throws IOException {
        long pid =
                Long.parseLong(Files.readString(DATA.resolve("mariadb/run/pid")).strip());
        ProcessHandle.of(pid).ifPresent(database -> {
            database.destroyForcibly();
            database.onExit().join();
        });
    }

    /** Starts, makes the team where there is none, and signs in. */
    private void begin() throws IOException, InterruptedException {
        start();
        if (json("GET", "/api/session", "").at("/setupNeeded").asBoolean()) {
            json(
                    "POST",
                    "/api/setup",
                    Map.of(
                            "code", "KEEL",
                            "team", "Skerry Line",
                            "name", "Mira Voss",
                            "email", "mira@skerry.example",
                            "password", "lamp over the quay"));
        }
        signIn();
    }

    private String meeting(String title) throws IOException, InterruptedException {
        return json(
                        "POST",
                        "/api/meetings",
                        Map.of(
                                "title", title,
                                "date", LocalDate.now().toString(),
                                "zone", "Europe/Oslo",
                                "agenda", List.of(),
                                "people", List.of()))
                .at("/id")
                .asString();
    }

    @Test
    void no_line_that_was_confirmed_is_missing_afterwards() throws IOException, InterruptedException {
        begin();
        String meeting = meeting("Killed");
        Map<String, String> confirmed = new LinkedHashMap<>();
        for (int round = 0; round < KILLS; round++) {
            int now = round;
            Thread typing = Thread.ofPlatform().start(() -> type(meeting, now, confirmed));
            // The one wait for a time: a kill comes when it comes.
            typing.join(Duration.ofMillis(300 + random.nextInt(LONGEST_RUN_MS)));
            server.destroyForcibly().waitFor();
            if (round % 2 == 1) {
                killDatabase();
            }
            typing.join();
            start();
            signIn();
            Map<String, String> there = new LinkedHashMap<>();
            json("GET", "/api/meetings/" + meeting + "/page", "")
                    .at("/lines")
                    .forEach(l ->
                            there.put(l.at("/name").asString(), l.at("/text").asString()));
            assertThat(there).as("after kill " + (round + 1)).containsAllEntriesOf(confirmed);
        }
        assertThat(confirmed).hasSizeGreaterThan(KILLS);
    }

    /** Hands a talk in and has it drafted; the server is killed right after it said that it will. */
    private String orderedDraft(int n) throws IOException, InterruptedException {
        String meeting = meeting("Ordered " + n);
        String talk =
                "Mira: We agreed to paint the Gannet blue, number " + n + ".\nTom: I'll order the paint by Friday.\n";
        String source = json("POST", "/api/tray/text", Map.of("name", "talk-" + n + ".txt", "text", talk.repeat(40)))
                .at("/source/id")
                .asString();
        json("PUT", "/api/sources/" + source + "/meeting", Map.of("meetingId", meeting));
        json("POST", "/api/meetings/" + meeting + "/minutes", Map.of());
        return meeting;
    }

    @Test
    void every_draft_that_was_accepted_is_there_afterwards_and_once() throws IOException, InterruptedException {
        begin();
        List<String> ordered = new ArrayList<>();
        for (int round = 0; round < KILLS; round++) {
            for (int i = 0; i < 4; i++) {
                ordered.add(orderedDraft(4 * round + i));
            }
            server.destroyForcibly().waitFor();
            killDatabase();
            start();
            signIn();
        }
        for (String meeting : ordered) {
            Awaitility.await().atMost(Duration.ofMinutes(2)).until(() -> json("GET", "/api/meetings/" + meeting, "")
                    .at("/hasMinutes")
                    .asBoolean());
        }
    }
}
