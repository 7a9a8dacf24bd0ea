package org.ledgerlamp.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.ledgerlamp.server.common.PlainProblem;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Slows down guessing: after some refused tries an address is refused unseen for a while. */
@Component
class SignInThrottle extends OncePerRequestFilter {
    private static final int TRIES = 10;
    private static final Duration PAUSE = Duration.ofMinutes(5);
    private static final int MOST_ADDRESSES = 10_000;

    private record Tries(int refused, Instant last) {}

    private final Map<String, Tries> byAddress = new ConcurrentHashMap<>();

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !("POST".equals(request.getMethod()) && "/api/session".equals(request.getRequestURI()));
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Tries tries = byAddress.get(key(request.getParameter("email")));
        if (tries != null
                && tries.refused() >= TRIES
                && tries.last().plus(PAUSE).isAfter(Instant.now())) {
            PlainProblem.write(
                    response,
                    HttpStatus.TOO_MANY_REQUESTS,
                    "Too many tries",
                    "Too many tries for this address. Wait five minutes.");
            return;
        }
        chain.doFilter(request, response);
    }

    void count(String address) {
        if (byAddress.size() > MOST_ADDRESSES) {
            byAddress.values().removeIf(t -> t.last().plus(PAUSE).isBefore(Instant.now()));
        }
        byAddress.merge(
                key(address), new Tries(1, Instant.now()), (old, one) -> new Tries(old.refused() + 1, one.last()));
    }

    void forget(String address) {
        byAddress.remove(key(address));
    }

    private static String key(String address) {
        return address == null ? "" : Member.normal(address);
    }
}
