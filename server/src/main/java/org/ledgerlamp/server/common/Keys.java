package org.ledgerlamp.server.common;

import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.util.Base64;

/** Keys that are told once, in an address, and of which only a digest is kept. */
public final class Keys {
    private static final int BYTES = 24;
    private static final SecureRandom RANDOM = new SecureRandom();

    private Keys() {}

    /** A new one of 192 random bits, fit for an address. */
    public static String made() {
        byte[] secret = new byte[BYTES];
        RANDOM.nextBytes(secret);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(secret);
    }

    /** What is kept of a key: SHA-256, in hex. */
    public static String digest(String key) {
        return Digests.sha256(key.getBytes(StandardCharsets.UTF_8));
    }
}
