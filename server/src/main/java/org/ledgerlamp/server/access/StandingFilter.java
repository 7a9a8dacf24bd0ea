package org.ledgerlamp.server.access;

import jakarta.servlet.Filter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.common.PlainProblem;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Looks at every request whether its member still stands as they did when they signed in. Whoever was removed, or signed out
 * everywhere, or whose session is too old, is signed out; a role that changed counts from the next request on.
 */
@Component
class StandingFilter extends OncePerRequestFilter {
    private final AccessService access;
    private final Duration longest;
    private final Clock clock;

    /** @param longest after which one signs in anew, however often the session is used */
    StandingFilter(AccessService access, @Value("${lamp.longest-session}") Duration longest, Clock clock) {
        this.access = access;
        this.longest = longest;
        this.clock = clock;
    }

    /** These filters are part of Spring Security's chain, and of no other. */
    @Configuration
    static class InTheChainAlone {
        @Bean
        FilterRegistrationBean<StandingFilter> standingOnce(StandingFilter filter) {
            return nowhereElse(filter);
        }

        @Bean
        FilterRegistrationBean<SignInGuard> guardOnce(SignInGuard filter) {
            return nowhereElse(filter);
        }

        private static <F extends Filter> FilterRegistrationBean<F> nowhereElse(F filter) {
            FilterRegistrationBean<F> registration = new FilterRegistrationBean<>(filter);
            registration.setEnabled(false);
            return registration;
        }
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        SecurityContext context = SecurityContextHolder.getContext();
        if (context.getAuthentication() != null && context.getAuthentication().getPrincipal() instanceof SignedIn who) {
            HttpSession session = request.getSession(false);
            Optional<SignedIn> now = isTooOld(session) ? Optional.empty() : access.asTheyStand(who);
            if (now.isEmpty()) {
                if (session != null) {
                    session.invalidate();
                }
                SecurityContextHolder.clearContext();
                PlainProblem.write(response, HttpStatus.UNAUTHORIZED, "Not signed in", "Sign in again.");
                return;
            }
            SecurityContext fresh = SecurityContextHolder.createEmptyContext();
            fresh.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                    now.get(), null, now.get().getAuthorities()));
            SecurityContextHolder.setContext(fresh);
        }
        chain.doFilter(request, response);
    }

    private boolean isTooOld(@Nullable HttpSession session) {
        return session != null
                && Instant.ofEpochMilli(session.getCreationTime()).plus(longest).isBefore(clock.instant());
    }
}
