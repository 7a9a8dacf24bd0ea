package org.ledgerlamp.core.exchange;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.Optional;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;

/**
 * Signs what is delivered by webhook, and tells genuine deliveries from others, after the Standard Webhooks
 * specification: HMAC-SHA256 over id, timestamp and body, each delivery with an id that stays the same when it is tried
 * again.
 */
public final class WebhookSignature {
    /** Header fields that carry a delivery's id, its time in seconds since 1970, and its signatures. */
    public static final String ID = "webhook-id";

    public static final String TIMESTAMP = "webhook-timestamp";
    public static final String SIGNATURE = "webhook-signature";

    /** So far may the clocks of sender and receiver be apart. */
    public static final Duration TOLERANCE = Duration.ofMinutes(5);

    private static final String SECRET_PREFIX = "whsec_";
    private static final String VERSION = "v1,";
    private static final String ALGORITHM = "HmacSHA256";
    private static final int SECRET_BYTES = 32;
    private static final int LONGEST_ID = 200;

    private final SecretKeySpec key;

    /**
     * @param secret {@code whsec_} and the key in base 64
     * @throws IllegalArgumentException where it is none
     */
    public WebhookSignature(String secret) {
        if (!secret.startsWith(SECRET_PREFIX)) {
            throw new IllegalArgumentException("expected a secret that begins with " + SECRET_PREFIX);
        }
        byte[] bytes = Base64.getDecoder().decode(secret.substring(SECRET_PREFIX.length()));
        if (bytes.length == 0) {
            throw new IllegalArgumentException("expected a key after " + SECRET_PREFIX + ", found none");
        }
        this.key = new SecretKeySpec(bytes, ALGORITHM);
    }

    /** A secret that nobody has had before. */
    public static String freshSecret(SecureRandom random) {
        byte[] bytes = new byte[SECRET_BYTES];
        random.nextBytes(bytes);
        return SECRET_PREFIX + Base64.getEncoder().encodeToString(bytes);
    }

    /** What a delivery turned out to be. */
    public enum Verdict {
        GENUINE,
        /** A header field is missing or is not what it has to be. */
        INCOMPLETE,
        /** Its time is too far from now, to either side. */
        UNTIMELY,
        /** Somebody else signed it, or something was changed since. */
        FORGED
    }

    /** The signature of a delivery, as its header field has it. */
    public String sign(String id, Instant timestamp, byte[] body) {
        return VERSION + Base64.getEncoder().encodeToString(mac(id, timestamp.getEpochSecond(), body));
    }

    /**
     * Looks at the header fields of a delivery, before its body was read.
     *
     * @return what speaks against it already; empty where nothing does
     */
    public static Optional<Verdict> against(String id, String timestamp, String signatures, Instant now) {
        if (id == null
                || id.isBlank()
                || id.length() > LONGEST_ID
                || signatures == null
                || timestamp == null
                || !timestamp.matches("\\d{1,12}")) {
            return Optional.of(Verdict.INCOMPLETE);
        }
        boolean late = Math.abs(now.getEpochSecond() - Long.parseLong(timestamp)) > TOLERANCE.toSeconds();
        return late ? Optional.of(Verdict.UNTIMELY) : Optional.empty();
    }

    /**
     * Looks at a delivery.
     *
     * @param signatures one or several, separated by spaces: a sender that changes its secret signs with both
     */
    public Verdict check(String id, String timestamp, String signatures, byte[] body, Instant now) {
        Optional<Verdict> against = against(id, timestamp, signatures, now);
        if (against.isPresent()) {
            return against.get();
        }
        long seconds = Long.parseLong(timestamp);
        byte[] expected = (VERSION + Base64.getEncoder().encodeToString(mac(id, seconds, body)))
                .getBytes(StandardCharsets.US_ASCII);
        for (String given : signatures.split(" ")) {
            if (MessageDigest.isEqual(expected, given.getBytes(StandardCharsets.UTF_8))) {
                return Verdict.GENUINE;
            }
        }
        return Verdict.FORGED;
    }

    private byte[] mac(String id, long seconds, byte[] body) {
        try {
            Mac mac = Mac.getInstance(ALGORITHM);
            mac.init(key);
            mac.update((id + "." + seconds + ".").getBytes(StandardCharsets.UTF_8));
            return mac.doFinal(body);
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("every Java knows " + ALGORITHM, e);
        }
    }
}
