package org.ledgerlamp.server.bench;

import java.io.IOException;
import java.io.PrintStream;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.TimeUnit;

/** A member who is signed in over HTTP and reads. */
final class Visitor {
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private final String address;

    Visitor(String address, String email, String password) throws IOException, InterruptedException {
        this.address = address;
        read("/api/session");
        String form = "email=" + URLEncoder.encode(email, StandardCharsets.UTF_8) + "&password="
                + URLEncoder.encode(password, StandardCharsets.UTF_8);
        send("POST", "/api/session", form, "application/x-www-form-urlencoded");
        read("/api/session");
    }

    String read(String path) throws IOException, InterruptedException {
        return checked(http.send(
                HttpRequest.newBuilder(URI.create(address + path)).build(), HttpResponse.BodyHandlers.ofString()));
    }

    String send(String method, String path, String body, String type) throws IOException, InterruptedException {
        String token = cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(c -> c.getValue())
                .findFirst()
                .orElse("");
        return checked(http.send(
                HttpRequest.newBuilder(URI.create(address + path))
                        .method(method, HttpRequest.BodyPublishers.ofString(body))
                        .header("Content-Type", type)
                        .header("X-XSRF-TOKEN", token)
                        .build(),
                HttpResponse.BodyHandlers.ofString()));
    }

    /**
     * Waits until the index has everything, and says how fast it was written.
     *
     * @param anew whether it is to be written anew first
     */
    void indexed(boolean anew, PrintStream out) throws IOException, InterruptedException {
        long start = System.nanoTime();
        if (anew) {
            send("POST", "/api/search-index/rebuild", "", "application/json");
        }
        String state = read("/api/search-index");
        while (state.contains("\"endedAt\":null") || !state.contains("\"waiting\":0,")) {
            TimeUnit.MILLISECONDS.sleep(200);
            state = read("/api/search-index");
        }
        double seconds = (System.nanoTime() - start) / 1e9;
        if (anew) {
            long written = Long.parseLong(state.replaceAll("(?s).*\"written\":(\\d+).*", "$1"));
            out.printf(
                    "%-34s %8.0f places a second (%,d in %.0f s)%n",
                    "rebuilding the index", written / seconds, written, seconds);
        }
    }

    private static String checked(HttpResponse<String> answer) {
        if (answer.statusCode() >= 300) {
            throw new IllegalStateException(
                    answer.request().uri() + " answered " + answer.statusCode() + ": " + answer.body());
        }
        return answer.body();
    }
}
