package org.ledgerlamp.server.recorder;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.WebhookSignature;
import org.ledgerlamp.server.common.Refusal;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Where recorders deliver. No session stands behind a delivery: its signature does. */
@RestController
class ArrivalController {
    private static final int MOST_BYTES = 25 << 20;

    private final ArrivalDesk desk;

    ArrivalController(ArrivalDesk desk) {
        this.desk = desk;
    }

    @PostMapping("/api/arrivals/{box}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void take(
            @PathVariable String box,
            @RequestHeader(name = WebhookSignature.ID, required = false) @Nullable String id,
            @RequestHeader(name = WebhookSignature.TIMESTAMP, required = false) @Nullable String timestamp,
            @RequestHeader(name = WebhookSignature.SIGNATURE, required = false) @Nullable String signature,
            HttpServletRequest request)
            throws IOException {
        byte[] body = request.getInputStream().readNBytes(MOST_BYTES + 1);
        if (body.length > MOST_BYTES) {
            throw Refusal.invalid("The delivery is larger than the limit of %,d bytes.".formatted(MOST_BYTES));
        }
        desk.take(box, new ArrivalDesk.Seal(id, timestamp, signature), body);
    }
}
