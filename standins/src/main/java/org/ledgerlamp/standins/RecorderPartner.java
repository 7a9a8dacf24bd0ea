package org.ledgerlamp.standins;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.Executors;
import java.util.function.Supplier;
import org.ledgerlamp.core.exchange.WebhookSignature;
import org.ledgerlamp.core.exchange.WebhookSignature.Verdict;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A recorder that plays scripted meetings instead of listening: it is started, paused and stopped by hand on its own page
 * or by signed commands, and delivers what it hears by signed webhook.
 */
public final class RecorderPartner implements AutoCloseable {
    private static final JsonMapper JSON = JsonMapper.shared();

    private final HttpServer http;
    private final List<RecorderScript> scripts;
    private volatile WebhookSignature signature;
    private volatile WebhookSender sender;
    private volatile RecorderSession session;
    private volatile double usualSpeed = 1;

    /**
     * Starts on loopback.
     *
     * @param port or 0 for any
     * @param scripts what it can play
     */
    public RecorderPartner(int port, List<RecorderScript> scripts) throws IOException {
        this.scripts = List.copyOf(scripts);
        http = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 0);
        http.setExecutor(
                Executors.newCachedThreadPool(Thread.ofPlatform().daemon().factory()));
        http.createContext("/", this::page);
        http.createContext("/control", this::control);
        http.start();
    }

    /**
     * Enters where its deliveries go and the secret shared with whoever gets them; before that it records nothing.
     *
     * @param deliverTo asked at every delivery
     */
    public void pair(Supplier<URI> deliverTo, String secret) {
        signature = new WebhookSignature(secret);
        sender = new WebhookSender(deliverTo, signature);
    }

    /** Where its own page is. */
    public String address() {
        return "http://127.0.0.1:" + http.getAddress().getPort() + "/";
    }

    /** Where it takes commands. */
    public String controlAddress() {
        return address() + "control";
    }

    /** How much faster than life it plays what is begun by command. */
    public void setUsualSpeed(double speed) {
        usualSpeed = speed;
    }

    /**
     * Begins to play, in place of what is played.
     *
     * @param speed how much faster than life
     * @return what it calls the recording
     */
    public synchronized String start(RecorderScript script, double speed) {
        if (sender == null) {
            throw new IllegalStateException("it is paired with nobody");
        }
        stop();
        session = new RecorderSession(script, speed, sender);
        return session.id();
    }

    /** Stops for a while. */
    public void pause() {
        current().pause();
    }

    /** Goes on. */
    public void resume() {
        current().resume();
    }

    /** Ends the recording and delivers it; without one nothing happens. */
    public synchronized void stop() {
        if (session != null) {
            session.stop();
        }
    }

    /** Delivers the last recording once more, as one that had no answer does. */
    public void deliverAgain() throws IOException {
        current().deliverAgain();
    }

    private RecorderSession current() {
        if (session == null) {
            throw new IllegalStateException("nothing was recorded yet");
        }
        return session;
    }

    private void control(HttpExchange exchange) throws IOException {
        byte[] body = exchange.getRequestBody().readAllBytes();
        WebhookSignature paired = signature;
        Verdict verdict = paired == null
                ? Verdict.FORGED
                : paired.check(
                        exchange.getRequestHeaders().getFirst(WebhookSignature.ID),
                        exchange.getRequestHeaders().getFirst(WebhookSignature.TIMESTAMP),
                        exchange.getRequestHeaders().getFirst(WebhookSignature.SIGNATURE),
                        body,
                        Instant.now());
        if (verdict != Verdict.GENUINE) {
            reply(exchange, 401, "application/json", "{\"error\":\"" + verdict + "\"}");
            return;
        }
        JsonNode command = JSON.readTree(body);
        try {
            String recording = command(command);
            reply(exchange, 200, "application/json", JSON.writeValueAsString(Map.of("recording", recording)));
        } catch (IllegalStateException e) {
            reply(exchange, 409, "application/json", JSON.writeValueAsString(Map.of("error", e.getMessage())));
        }
    }

    private String command(JsonNode command) {
        switch (command.path("command").asString("")) {
            case "start" -> {
                return start(titled(command.path("title").asString("")), usualSpeed);
            }
            case "pause" -> pause();
            case "resume" -> resume();
            case "stop" -> stop();
            default -> throw new IllegalStateException("no such command");
        }
        return current().id();
    }

    /** Whatever is called that; a recorder records in any case. */
    private RecorderScript titled(String title) {
        return scripts.stream()
                .filter(s -> s.title().equalsIgnoreCase(title))
                .reduce((earlier, later) -> later)
                .orElse(scripts.getFirst());
    }

    private void page(HttpExchange exchange) throws IOException {
        if (exchange.getRequestMethod().equals("POST")) {
            Map<String, String> form = form(exchange);
            press(form);
            exchange.getResponseHeaders().set("Location", "/");
            exchange.sendResponseHeaders(303, -1);
            exchange.close();
            return;
        }
        reply(exchange, 200, "text/html; charset=utf-8", RecorderPage.of(scripts, session));
    }

    private void press(Map<String, String> form) {
        switch (form.getOrDefault("press", "")) {
            case "start" ->
                start(
                        scripts.get(Integer.parseInt(form.getOrDefault("script", "0"))),
                        Double.parseDouble(form.getOrDefault("speed", "1")));
            case "pause" -> pause();
            case "resume" -> resume();
            default -> stop();
        }
    }

    private static Map<String, String> form(HttpExchange exchange) throws IOException {
        Map<String, String> form = new TreeMap<>();
        String body = new String(exchange.getRequestBody().readAllBytes(), StandardCharsets.UTF_8);
        for (String pair : body.split("&")) {
            String[] parts = pair.split("=", 2);
            if (parts.length == 2) {
                form.put(parts[0], URLDecoder.decode(parts[1], StandardCharsets.UTF_8));
            }
        }
        return form;
    }

    private static void reply(HttpExchange exchange, int status, String type, String body) throws IOException {
        byte[] bytes = body.getBytes(StandardCharsets.UTF_8);
        exchange.getResponseHeaders().set("Content-Type", type);
        exchange.sendResponseHeaders(status, bytes.length);
        exchange.getResponseBody().write(bytes);
        exchange.close();
    }

    @Override
    public void close() {
        if (session != null) {
            session.abandon();
        }
        http.stop(0);
    }
}
