package org.ledgerlamp.server.common;

import java.util.function.Supplier;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;

/** Entity tags and the check that a write was made on what stands now (RFC 9110, If-Match). */
public final class Versions {
    private Versions() {}

    /** The response with the row's version as its entity tag. */
    public static <T> ResponseEntity<T> tagged(int version, T body) {
        return ResponseEntity.ok().header(HttpHeaders.ETAG, tag(version)).body(body);
    }

    /**
     * Lets a write pass only where {@code ifMatch} names the version that stands.
     *
     * @param current what stands now, sent back with the refusal
     * @throws Refusal 412 otherwise
     */
    public static void require(String ifMatch, int version, Supplier<Object> current) {
        if (!tag(version).equals(ifMatch.strip())) {
            throw Refusal.stale(current.get());
        }
    }

    /** The entity tag of a version. */
    public static String tag(int version) {
        return "\"" + version + "\"";
    }
}
