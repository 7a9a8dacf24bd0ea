package org.ledgerlamp.server.outgoing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.server.Desk;
import org.ledgerlamp.server.ServerTest;
import org.springframework.beans.factory.annotation.Autowired;

/** Servers of others that mean no good, or are merely broken. */
class OutgoingTest extends ServerTest {
    private static final Duration SOON = Duration.ofSeconds(3);

    @Autowired
    private OutgoingHttp outgoing;

    private final CountDownLatch over = new CountDownLatch(1);
    private HttpServer server;

    @BeforeEach
    void open() throws IOException {
        server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        server.setExecutor(Executors.newVirtualThreadPerTaskExecutor());
        server.createContext(
                "/endless",
                e -> answer(e, out -> {
                    byte[] much = new byte[1 << 16];
                    while (over.getCount() > 0) {
                        out.write(much);
                    }
                }));
        server.createContext(
                "/dripping",
                e -> answer(e, out -> {
                    while (!over.await(20, TimeUnit.MILLISECONDS)) {
                        out.write('.');
                        out.flush();
                    }
                }));
        server.createContext("/silent", e -> {
            try {
                over.await();
            } catch (InterruptedException broken) {
                Thread.currentThread().interrupt();
            }
        });
        server.createContext("/inside", e -> forward(e, "http://127.0.0.2:%d/".formatted(port())));
        server.createContext("/metadata", e -> forward(e, "http://169.254.169.254/latest"));
        server.createContext("/round", e -> forward(e, "/round"));
        server.createContext("/moved", e -> forward(e, "/here"));
        server.createContext("/here", e -> answer(e, out -> out.write("found".getBytes(StandardCharsets.UTF_8))));
        server.start();
    }

    @AfterEach
    void close() {
        over.countDown();
        server.stop(0);
    }

    private interface Writing {
        void to(OutputStream out) throws IOException, InterruptedException;
    }

    private static void answer(HttpExchange exchange, Writing writing) throws IOException {
        exchange.sendResponseHeaders(200, 0);
        try (OutputStream out = exchange.getResponseBody()) {
            writing.to(out);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static void forward(HttpExchange exchange, String to) throws IOException {
        exchange.getResponseHeaders().set("Location", to);
        exchange.sendResponseHeaders(302, -1);
        exchange.close();
    }

    private int port() {
        return server.getAddress().getPort();
    }

    private String at(String path) {
        return "http://127.0.0.1:" + port() + path;
    }

    private OutgoingHttp.Reply asked(String path) throws IOException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(at(path))).build();
        return outgoing.exchange(desk.who().teamId(), request, SOON, 1 << 20);
    }

    @Test
    void an_answer_that_does_not_end_is_given_up_at_its_size() {
        assertThatThrownBy(() -> asked("/endless"))
                .isInstanceOf(IOException.class)
                .rootCause()
                .hasMessageContaining("larger than 1,048,576 bytes");
    }

    @Test
    void an_answer_that_drips_or_never_begins_is_given_up_at_its_deadline() {
        for (String path : new String[] {"/dripping", "/silent"}) {
            Instant began = Instant.now();
            assertThatThrownBy(() -> asked(path)).as(path).hasMessageContaining("no whole answer within 3 s");
            assertThat(Duration.between(began, Instant.now())).as(path).isLessThan(SOON.multipliedBy(4));
        }
    }

    @Test
    void forwarding_is_followed_but_neither_for_ever_nor_into_a_closed_network() throws IOException {
        assertThat(asked("/moved").body()).asString().isEqualTo("found");
        assertThatThrownBy(() -> asked("/round")).rootCause().hasMessageContaining("forwarded more than 5 times");
        assertThatThrownBy(() -> asked("/inside")).isInstanceOf(ForbiddenAddress.class);
        assertThatThrownBy(() -> asked("/metadata")).isInstanceOf(ForbiddenAddress.class);
    }

    private Desk.Answer recorderAt(String address) throws Exception {
        return desk.create("/api/recorders", "{\"name\":\"Boat hall\",\"control\":\"" + address + "\"}");
    }

    private Desk.Answer calendarAt(String address) throws Exception {
        return desk.create(
                "/api/connections", "{\"kind\":\"FEED\",\"name\":\"Ferries\",\"address\":\"" + address + "\"}");
    }

    @Test
    void a_network_inside_is_closed_until_it_is_allowed_and_for_this_team_alone() throws Exception {
        String address = "http://127.0.0.3:" + port() + "/control";
        assertThat(recorderAt(address).text("/detail")).contains("127.0.0.3 is inside a network that is not open");
        assertThat(calendarAt(address).status()).isEqualTo(400);

        assertThat(desk.create("/api/networks", "{\"network\":\"127.0.0.0/8\"}").status())
                .isEqualTo(204);

        assertThat(recorderAt(address).status()).isEqualTo(200);
        assertThat(otherTeam()
                        .create("/api/recorders", "{\"name\":\"B\",\"control\":\"" + address + "\"}")
                        .status())
                .isEqualTo(400);
        String network = desk.read("/api/networks").text("/0/id");
        desk.remove("/api/networks/{id}", network);
        assertThat(calendarAt(address).status()).isEqualTo(400);
    }

    @Test
    void link_local_networks_are_never_allowed() throws Exception {
        assertThat(desk.create("/api/networks", "{\"network\":\"169.254.0.0/16\"}")
                        .text("/detail"))
                .contains("ever");
        desk.create("/api/networks", "{\"network\":\"0.0.0.0/1\"}");
        desk.create("/api/networks", "{\"network\":\"128.0.0.0/1\"}");
        assertThat(calendarAt("http://169.254.169.254/latest/meta-data").status())
                .isEqualTo(400);
    }

    @Test
    void a_closed_door_and_a_strange_answer_are_told_with_the_same_words() throws Exception {
        String closed = problemOf(calendarAt("http://127.0.0.1:9/calendar.ics").text("/id"));
        String strange = problemOf(calendarAt(at("/nothing-of-the-kind")).text("/id"));

        assertThat(strange).isEqualTo(closed).contains("No calendar answers there");
    }

    private String problemOf(String connection) throws Exception {
        return Awaitility.await()
                .until(
                        () -> {
                            for (var c : desk.read("/api/connections").body()) {
                                if (c.at("/id").asString().equals(connection)) {
                                    return c.at("/problem").asString("");
                                }
                            }
                            return "";
                        },
                        problem -> !problem.isEmpty());
    }

    @Test
    void a_slow_calendar_of_one_team_keeps_no_other_waiting() throws Exception {
        for (int i = 0; i < 8; i++) {
            calendarAt(at("/silent"));
        }
        desk = otherTeam();
        Instant began = Instant.now();

        assertThat(problemOf(calendarAt("http://127.0.0.1:9/calendar.ics").text("/id")))
                .isNotEmpty();
        assertThat(Duration.between(began, Instant.now())).isLessThan(Duration.ofSeconds(15));
    }
}
