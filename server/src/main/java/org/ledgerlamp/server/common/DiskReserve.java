package org.ledgerlamp.server.common;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Keeps some room on the disk for what people type and for the database's own work: what would fill it is refused before
 * that, with nothing begun.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class DiskReserve extends OncePerRequestFilter {
    /** What is larger is a file, not something typed. */
    private static final long TYPED_BYTES = 256 << 10;

    private static final Set<String> WRITING = Set.of("POST", "PUT");

    private final Path data;
    private final long reserve;

    DiskReserve(@Value("${lamp.data}") Path data, @Value("${lamp.disk-reserve-mb}") long reserveMb) {
        this.data = data;
        this.reserve = reserveMb << 20;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !WRITING.contains(request.getMethod()) || !isFile(request);
    }

    private static boolean isFile(HttpServletRequest request) {
        String type = request.getContentType();
        return request.getContentLengthLong() > TYPED_BYTES
                || request.getContentLengthLong() < 0
                || type != null && (type.startsWith("multipart/") || type.startsWith("application/octet-stream"));
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (isFull()) {
            PlainProblem.write(
                    response,
                    HttpStatus.INSUFFICIENT_STORAGE,
                    "No room",
                    "The disk is almost full: no files are taken until there is room. What you type is still kept.");
            return;
        }
        chain.doFilter(request, response);
    }

    private boolean isFull() throws IOException {
        return Files.getFileStore(data).getUsableSpace() < reserve;
    }
}
