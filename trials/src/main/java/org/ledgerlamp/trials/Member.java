package org.ledgerlamp.trials;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A member who is signed in over HTTP, as a browser is. Not for several threads at once. */
public final class Member {
    private static final JsonMapper JSON = JsonMapper.shared();
    private static final String AS_JSON = "application/json";
    private static final Duration PATIENCE = Duration.ofSeconds(60);

    private final CookieManager cookies = new CookieManager();
    private final HttpClient http = HttpClient.newBuilder()
            .cookieHandler(cookies)
            .connectTimeout(Duration.ofSeconds(5))
            .build();
    private final String address;

    /** @param address where the application is */
    public Member(String address) {
        this.address = address;
    }

    /** What came back. */
    public record Answer(int status, String body) {}

    /** The server answered, but not with what was asked for. */
    public static final class NotDone extends IOException {
        private static final long serialVersionUID = 1;
        private final int status;

        /** @param what was asked for */
        public NotDone(String what, Answer answer) {
            super(what + " was answered with " + answer.status() + ": " + answer.body());
            status = answer.status();
        }

        /** The status of HTTP. */
        public int status() {
            return status;
        }
    }

    /** Signs in. */
    public Member signIn(String email, String password) throws IOException, InterruptedException {
        read("/api/session");
        String form = "email=" + URLEncoder.encode(email, StandardCharsets.UTF_8) + "&password="
                + URLEncoder.encode(password, StandardCharsets.UTF_8);
        done(
                "sign-in",
                attempt("POST", "/api/session", "application/x-www-form-urlencoded", BodyPublishers.ofString(form)));
        read("/api/session");
        return this;
    }

    /** The same member in another window: signed in alike, for another thread. */
    public Member again() {
        Member other = new Member(address);
        cookies.getCookieStore()
                .getCookies()
                .forEach(c -> other.cookies.getCookieStore().add(URI.create(address), c));
        return other;
    }

    /** What stands at an address. */
    public String read(String path) throws IOException, InterruptedException {
        return done("GET " + path, attempt("GET", path, AS_JSON, BodyPublishers.noBody()));
    }

    /** What stands at an address, as JSON. */
    public JsonNode json(String path) throws IOException, InterruptedException {
        return JSON.readTree(read(path));
    }

    /** The bytes that stand at an address. */
    public byte[] bytes(String path) throws IOException, InterruptedException {
        HttpResponse<byte[]> answer = http.send(
                HttpRequest.newBuilder(URI.create(address + path))
                        .timeout(PATIENCE)
                        .build(),
                HttpResponse.BodyHandlers.ofByteArray());
        if (answer.statusCode() >= 300) {
            throw new NotDone("GET " + path, new Answer(answer.statusCode(), ""));
        }
        return answer.body();
    }

    /**
     * Sends JSON.
     *
     * @param content what is written as JSON
     * @return what was answered; an empty object where nothing was
     */
    public JsonNode send(String method, String path, Object content) throws IOException, InterruptedException {
        String body = done(
                method + " " + path,
                attempt(method, path, AS_JSON, BodyPublishers.ofString(JSON.writeValueAsString(content))));
        return body.isEmpty() ? JSON.createObjectNode() : JSON.readTree(body);
    }

    /** Drops a file into the tray. */
    public Answer drop(String name, byte[] content) throws IOException, InterruptedException {
        String border = "part-" + UUID.randomUUID();
        String head = "--" + border + "\r\nContent-Disposition: form-data; name=\"files\"; filename=\"" + name
                + "\"\r\nContent-Type: application/octet-stream\r\n\r\n";
        return attempt(
                "POST",
                "/api/tray",
                "multipart/form-data; boundary=" + border,
                BodyPublishers.concat(
                        BodyPublishers.ofString(head),
                        BodyPublishers.ofByteArray(content),
                        BodyPublishers.ofString("\r\n--" + border + "--\r\n")));
    }

    /** Sends a request and takes whatever comes back. */
    public Answer attempt(String method, String path, String type, BodyPublisher body)
            throws IOException, InterruptedException {
        HttpResponse<String> answer = http.send(
                HttpRequest.newBuilder(URI.create(address + path))
                        .timeout(PATIENCE)
                        .header("Content-Type", type)
                        .header("X-XSRF-TOKEN", cookie("XSRF-TOKEN"))
                        .method(method, body)
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        return new Answer(answer.statusCode(), answer.body());
    }

    private String cookie(String name) {
        return cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals(name))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
    }

    private static String done(String what, Answer answer) throws NotDone {
        if (answer.status() >= 300) {
            throw new NotDone(what, answer);
        }
        return answer.body();
    }
}
