package org.ledgerlamp.server.common;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;

/** Problem details (RFC 9457) of requests that are refused before they reach a controller. */
public final class PlainProblem {
    private PlainProblem() {}

    /** Answers with a problem; its words are our own, without quotes in them. */
    public static void write(HttpServletResponse response, HttpStatus status, String title, String detail)
            throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding("UTF-8");
        response.getWriter()
                .write("{\"title\":\"%s\",\"status\":%d,\"detail\":\"%s\"}".formatted(title, status.value(), detail));
    }
}
