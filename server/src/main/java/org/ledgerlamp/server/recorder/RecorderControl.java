package org.ledgerlamp.server.recorder;

import java.io.IOException;
import java.net.http.HttpRequest;
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
import org.ledgerlamp.server.common.Texts;
import org.ledgerlamp.server.outgoing.ForbiddenAddress;
import org.ledgerlamp.server.outgoing.OutgoingHttp;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Sends commands to recorders, signed as their deliveries are. */
@Component
class RecorderControl {
    private static final Duration PATIENCE = Duration.ofSeconds(8);
    private static final JsonMapper JSON = JsonMapper.shared();

    private static final int LONGEST_PROBLEM = 300;
    private static final int MOST_BYTES = 64 << 10;

    private final OutgoingHttp http;
    private final Secrets secrets;
    private final Clock clock;

    RecorderControl(OutgoingHttp http, Secrets secrets, Clock clock) {
        this.http = http;
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
                .header("Content-Type", "application/json")
                .header(WebhookSignature.ID, id)
                .header(WebhookSignature.TIMESTAMP, String.valueOf(now.getEpochSecond()))
                .header(
                        WebhookSignature.SIGNATURE,
                        new WebhookSignature(secrets.told(recorder.secret())).sign(id, now, body))
                .POST(HttpRequest.BodyPublishers.ofByteArray(body))
                .build();
        return obeyed(recorder, request);
    }

    private String obeyed(Recorder recorder, HttpRequest request) {
        try {
            OutgoingHttp.Reply answer = http.exchange(recorder.teamId(), request, PATIENCE, MOST_BYTES);
            JsonNode said = JSON.readTree(answer.body());
            String problem = said.path("error").asString("");
            if (answer.status() == 200) {
                return said.path("recording").asString("");
            }
            if (!problem.isBlank()) {
                throw Refusal.conflict(
                        recorder.name() + " did not do it: " + Texts.shortened(problem, LONGEST_PROBLEM) + ".");
            }
            throw notReached(recorder, null);
        } catch (ForbiddenAddress e) {
            throw Refusal.conflict(e.getMessage()).because(e);
        } catch (IOException | JacksonException e) {
            throw notReached(recorder, e);
        }
    }

    /** The same words for a closed door and for a strange answer: nobody learns from them what listens in our network. */
    private static Refusal notReached(Recorder recorder, @Nullable Exception cause) {
        return Refusal.conflict(recorder.name() + " cannot be reached, or does not answer as a recorder does.")
                .because(cause);
    }
}
