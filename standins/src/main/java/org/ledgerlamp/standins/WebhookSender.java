package org.ledgerlamp.standins;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import java.util.function.Supplier;
import org.ledgerlamp.core.exchange.WebhookSignature;

/** Sends signed webhooks, and sends again what had no answer: with the same id and a fresh time. */
final class WebhookSender {
    private static final int MOST_TRIES = 6;
    private static final Duration PATIENCE = Duration.ofSeconds(15);

    private final HttpClient http =
            HttpClient.newBuilder().connectTimeout(PATIENCE).build();
    private final Supplier<URI> deliverTo;
    private final WebhookSignature signature;

    WebhookSender(Supplier<URI> deliverTo, WebhookSignature signature) {
        this.deliverTo = deliverTo;
        this.signature = signature;
    }

    /** Delivers until it is taken, or it was tried too often; an id is made up once for all tries. */
    void deliver(String json) throws InterruptedException {
        String id = "dlv_" + UUID.randomUUID();
        for (int tries = 0; tries < MOST_TRIES; tries++) {
            if (send(id, json) < 500) {
                return;
            }
            Thread.sleep(Duration.ofMillis(500L << tries));
        }
    }

    /** @return the answer's status; 599 where nobody answered */
    private int send(String id, String json) throws InterruptedException {
        byte[] body = json.getBytes(StandardCharsets.UTF_8);
        Instant now = Instant.now();
        try {
            HttpRequest request = HttpRequest.newBuilder(deliverTo.get())
                    .timeout(PATIENCE)
                    .header("Content-Type", "application/json")
                    .header(WebhookSignature.ID, id)
                    .header(WebhookSignature.TIMESTAMP, String.valueOf(now.getEpochSecond()))
                    .header(WebhookSignature.SIGNATURE, signature.sign(id, now, body))
                    .POST(HttpRequest.BodyPublishers.ofByteArray(body))
                    .build();
            return http.send(request, HttpResponse.BodyHandlers.discarding()).statusCode();
        } catch (IOException | UncheckedIOException e) {
            return 599;
        }
    }
}
