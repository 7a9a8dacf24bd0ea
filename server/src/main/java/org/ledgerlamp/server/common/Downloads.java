package org.ledgerlamp.server.common;

import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Files handed out. */
public final class Downloads {
    private Downloads() {}

    /** The bytes as a download: a browser must not run what somebody sent. */
    public static ResponseEntity<byte[]> of(String name, byte[] bytes) {
        String disposition = ContentDisposition.attachment()
                .filename(name, StandardCharsets.UTF_8)
                .build()
                .toString();
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition)
                .body(bytes);
    }
}
