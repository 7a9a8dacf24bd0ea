package org.ledgerlamp.server.tokens;

import jakarta.servlet.http.HttpServletRequest;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.common.PlainProblem;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.AuthenticationFilter;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;

/**
 * Requests that carry a bearer token (RFC 6750). They stand apart from those of browsers: there is no session and no
 * cookie, so nothing of another site's making can carry one; and what is not named in {@link TokenUse} is refused.
 */
@Configuration
class TokenSecurity {
    private static final String SCHEME = "Bearer ";

    @Bean
    @Order(1)
    SecurityFilterChain ofTokens(HttpSecurity http, TokenService tokens) throws Exception {
        AuthenticationFilter signIn = new AuthenticationFilter(
                (AuthenticationManager) sent -> holder(tokens, sent),
                request -> new UsernamePasswordAuthenticationToken("", words(request)));
        signIn.setSuccessHandler((request, response, who) -> {});
        signIn.setFailureHandler((request, response, e) -> {
            response.setHeader(HttpHeaders.WWW_AUTHENTICATE, "Bearer error=\"invalid_token\"");
            PlainProblem.write(
                    response,
                    HttpStatus.UNAUTHORIZED,
                    "Not signed in",
                    "This token is none of ours, was revoked, or is past its last day.");
        });
        return http.securityMatcher(request -> words(request) != null)
                .authorizeHttpRequests(routes -> {
                    uses().forEach((route, uses) -> routes.requestMatchers(route.method(), route.path())
                            .hasAnyAuthority(
                                    uses.stream().map(TokenUse::authority).toArray(String[]::new)));
                    routes.anyRequest().denyAll();
                })
                .csrf(AbstractHttpConfigurer::disable)
                .sessionManagement(sessions -> sessions.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .requestCache(cache -> cache.disable())
                .exceptionHandling(errors -> errors.accessDeniedHandler((request, response, e) -> {
                    response.setHeader(HttpHeaders.WWW_AUTHENTICATE, "Bearer error=\"insufficient_scope\"");
                    PlainProblem.write(
                            response, HttpStatus.FORBIDDEN, "Refused", "This token was not made for this use.");
                }))
                .addFilterBefore(signIn, UsernamePasswordAuthenticationFilter.class)
                .build();
    }

    private static Authentication holder(TokenService tokens, Authentication sent) {
        return tokens.holder((String) sent.getCredentials())
                .map(h -> UsernamePasswordAuthenticationToken.authenticated(
                        h.who(),
                        null,
                        AuthorityUtils.createAuthorityList(
                                h.uses().stream().map(TokenUse::authority).toList())))
                .orElseThrow(() -> new BadCredentialsException("no such token"));
    }

    /** The token a request carries, or null where it carries none. */
    private static @Nullable String words(HttpServletRequest request) {
        String header = request.getHeader(HttpHeaders.AUTHORIZATION);
        return header != null && header.regionMatches(true, 0, SCHEME, 0, SCHEME.length())
                ? header.substring(SCHEME.length()).strip()
                : null;
    }

    /** Which uses let a request through. */
    static Map<TokenUse.Route, Set<TokenUse>> uses() {
        Map<TokenUse.Route, Set<TokenUse>> uses = new LinkedHashMap<>();
        for (TokenUse use : TokenUse.values()) {
            use.routes().forEach(r -> uses.computeIfAbsent(r, any -> EnumSet.noneOf(TokenUse.class))
                    .add(use));
        }
        return uses;
    }
}
