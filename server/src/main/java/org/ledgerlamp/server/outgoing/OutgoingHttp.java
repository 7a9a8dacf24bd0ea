package org.ledgerlamp.server.outgoing;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpHeaders;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeoutException;
import org.springframework.stereotype.Component;

/**
 * Asks servers of others over HTTP. Whatever they do, an exchange ends: its deadline counts from the first step to the last
 * byte, its size is limited, each has a thread of its own, and only so many go on at once. Every address on the way, also
 * one that is only forwarded to, has to be one the team may connect to.
 */
@Component
public class OutgoingHttp {
    private static final int AT_ONCE = 24;
    private static final int MOST_FORWARDINGS = 5;
    private static final List<Integer> FORWARDING = List.of(301, 302, 307, 308);
    private static final String AUTHORIZATION = "Authorization";

    private final NetworkService networks;
    private final Semaphore free = new Semaphore(AT_ONCE);
    private final HttpClient http = HttpClient.newBuilder()
            .connectTimeout(Duration.ofSeconds(10))
            .followRedirects(HttpClient.Redirect.NEVER)
            .build();

    OutgoingHttp(NetworkService networks) {
        this.networks = networks;
    }

    /** What a server answered. */
    public record Reply(int status, HttpHeaders headers, byte[] body) {}

    @PreDestroy
    void close() {
        http.shutdownNow();
    }

    /**
     * Sends a request and reads the whole answer. What is forwarded elsewhere is followed, without what we sign in with.
     *
     * @param deadline for all of it
     * @param mostBytes of the answer
     * @throws ForbiddenAddress where the team may not connect there
     * @throws IOException where there is no answer of that size in that time
     */
    public Reply exchange(UUID teamId, HttpRequest request, Duration deadline, int mostBytes) throws IOException {
        try {
            return Deadline.within(deadline, () -> {
                free.acquire();
                try {
                    return followed(teamId, request, mostBytes);
                } finally {
                    free.release();
                }
            });
        } catch (TimeoutException e) {
            throw new IOException("no whole answer within " + deadline.toSeconds() + " s", e);
        } catch (ExecutionException e) {
            if (e.getCause() instanceof ForbiddenAddress forbidden) {
                throw forbidden;
            }
            throw new IOException("no answer", e.getCause());
        }
    }

    private Reply followed(UUID teamId, HttpRequest first, int mostBytes) throws IOException, InterruptedException {
        HttpRequest request = first;
        for (int forwardings = 0; forwardings <= MOST_FORWARDINGS; forwardings++) {
            networks.check(teamId, request.uri().getHost());
            HttpResponse<InputStream> response = http.send(request, HttpResponse.BodyHandlers.ofInputStream());
            try (InputStream in = response.body()) {
                String elsewhere = response.headers().firstValue("Location").orElse(null);
                if (elsewhere == null || !FORWARDING.contains(response.statusCode())) {
                    return new Reply(response.statusCode(), response.headers(), whole(in, mostBytes));
                }
                request = forwarded(request, request.uri().resolve(elsewhere));
            }
        }
        throw new IOException("forwarded more than " + MOST_FORWARDINGS + " times");
    }

    private static HttpRequest forwarded(HttpRequest request, URI to) throws IOException {
        boolean worse = "https".equals(request.uri().getScheme()) && !"https".equals(to.getScheme());
        if (to.getHost() == null || worse) {
            throw new IOException("forwarded to " + to);
        }
        boolean same = to.getAuthority().equals(request.uri().getAuthority());
        return HttpRequest.newBuilder(request, (name, value) -> same || !AUTHORIZATION.equalsIgnoreCase(name))
                .uri(to)
                .build();
    }

    private static byte[] whole(InputStream in, int mostBytes) throws IOException {
        byte[] bytes = in.readNBytes(mostBytes + 1);
        if (bytes.length > mostBytes) {
            throw new IOException("the answer is larger than %,d bytes".formatted(mostBytes));
        }
        return bytes;
    }
}
