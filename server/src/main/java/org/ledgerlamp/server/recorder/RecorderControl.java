package org.ledgerlamp.server.recorder;

import java.io.IOException;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.WebhookSignature;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.common.Secrets;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Sends commands to recorders, signed as their deliveries are. */
@Component
class RecorderControl {
    private static final Duration PATIENCE = Duration.ofSeconds(8);
    private static final JsonMapper JSON = JsonMapper.shared();

    private final HttpClient http =
            HttpClient.newBuilder().connectTimeout(PATIENCE).build();
    private final Secrets secrets;
    private final Clock clock;

    RecorderControl(Secrets secrets, Clock clock) {
        this.secrets = secrets;
        this.clock = clock;
    }

    /**
     * Sends a command.
     *
     * @param title what is to be recorded, or null
     * @return what the recorder calls the recording
     * @throws Refusal where it takes no commands, or does not do as it is told
     */
    String send(Recorder recorder, RecorderCommand command, @Nullable String title) {
        if (recorder.control() == null) {
            throw Refusal.conflict(recorder.name() + " takes no commands from here.");
        }
        Map<String, Object> order = new HashMap<>();
        order.put("command", command.name().toLowerCase(java.util.Locale.ROOT));
        order.put("title", title);
        byte[] body = JSON.writeValueAsBytes(order);
        String id = "cmd_" + UUID.randomUUID();
        Instant now = clock.instant();
        HttpRequest request = HttpRequest.newBuilder(recorder.control())
                .timeout(PATIENCE)
                .header("Content-Type", "application/json")
                .header(WebhookSignature.ID, id)
                .header(WebhookSignature.TIMESTAMP, String.valueOf(now.getEpochSecond()))
                .header(
                        WebhookSignature.SIGNATURE,
                        new WebhookSignature(secrets.told(recorder.secret())).sign(id, now, body))
                .POST(HttpRequest.BodyPublishers.ofByteArray(body))
                .build();
        try {
            HttpResponse<byte[]> answer = http.send(request, HttpResponse.BodyHandlers.ofByteArray());
            JsonNode said = JSON.readTree(answer.body());
            if (answer.statusCode() != 200) {
                throw Refusal.conflict(recorder.name() + " did not do it: "
                        + said.path("error").asString("it answered with " + answer.statusCode()) + ".");
            }
            return said.path("recording").asString("");
        } catch (IOException | JacksonException e) {
            throw Refusal.conflict(recorder.name() + " cannot be reached.").because(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw Refusal.conflict("Asking " + recorder.name() + " was broken off.")
                    .because(e);
        }
    }
}
