package org.ledgerlamp.server.recorder;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.WebhookSignature;
import org.ledgerlamp.server.common.Refusal;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/**
 * Where recorders deliver. No session stands behind a delivery: its signature does. Nothing is read of a body before the
 * address is known to be a recorder's and the header fields are those of a delivery.
 */
@RestController
class ArrivalController {
    private static final int MOST_BYTES = 25 << 20;

    /** Bodies that lie in memory at once. */
    private static final int AT_ONCE = 4;

    private static final int PATIENCE_SECONDS = 10;

    private final ArrivalDesk desk;
    private final Semaphore free = new Semaphore(AT_ONCE, true);

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
        ArrivalDesk.Seal seal = new ArrivalDesk.Seal(id, timestamp, signature);
        desk.expect(box, seal);
        if (request.getContentLengthLong() > MOST_BYTES) {
            throw tooLarge();
        }
        turn();
        try {
            byte[] body = request.getInputStream().readNBytes(MOST_BYTES + 1);
            if (body.length > MOST_BYTES) {
                throw tooLarge();
            }
            desk.take(box, seal, body);
        } finally {
            free.release();
        }
    }

    private void turn() {
        try {
            if (free.tryAcquire(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
                return;
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        throw Refusal.busy("Other deliveries are being taken; deliver it again in a moment.");
    }

    private static Refusal tooLarge() {
        return Refusal.invalid("The delivery is larger than the limit of %,d bytes.".formatted(MOST_BYTES));
    }
}
