package org.ledgerlamp.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.util.Optional;
import org.ledgerlamp.server.common.PlainProblem;
import org.ledgerlamp.server.common.Texts;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.HeadersConfigurer;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/**
 * Who may send what: every route of the API wants a member, but for signing in, the very first visit, and what has its own
 * key. Guests have routes of their own and get in nowhere else.
 */
@Configuration
class SecurityConfiguration {
    /** Everything comes from our own origin; nothing is inline; nobody frames us. */
    private static final String CONTENT_POLICY =
            "default-src 'none'; script-src 'self'; style-src 'self'; font-src 'self'; img-src 'self' data:; connect-src 'self';"
                    + " manifest-src 'self'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    /** Where machines deliver: no session stands behind it, but the delivery's own signature. */
    private static final String SIGNED = "/api/arrivals/*";

    /** Excerpts that were shown to others: who has the address may read that, and nothing else. */
    private static final String SHOWN = "/api/shown/*";

    /** Where a guest chooses a password, by an address that was sent to them. */
    private static final String WELCOME = "/api/welcome/*";

    /** Due dates for calendars, which cannot sign in: who has the address may read them. */
    private static final String FEED = "/api/due/*";

    private static final String CODE_WANTED = "Code wanted";
    private static final String ENTER_THE_CODE =
            "Enter the code that your authenticator shows, or one of your recovery codes.";
    private static final String WRONG_CODE = "That code is wrong, or was used already. Wait for the next one.";

    private static final String ERASING = "/api/folios/*/erasing";

    /** What others do not even see. */
    private static final String[] ADMINISTRATORS_SEE = {
        "/actuator/**",
        "/api/audit",
        "/api/audit/**",
        "/api/backups",
        "/api/team-archives",
        "/api/team-archives/**",
        ERASING
    };

    /** What concerns the team as a whole. */
    private static final String[] ADMINISTRATORS_CHANGE = {
        "/api/members/**",
        "/api/post/account",
        "/api/post/account/**",
        "/api/recorders",
        "/api/recorders/*",
        "/api/networks",
        "/api/networks/*",
        "/api/search-index/**",
        "/api/ledger-rebuild"
    };

    /** What somebody who looks on may send: questions, and what is their own. */
    private static final String[] READERS_SEND = {
        "/api/ask",
        "/api/ask/file",
        "/api/tokens",
        "/api/tokens/*",
        "/api/views",
        "/api/views/*",
        "/api/feed",
        "/api/meetings/*/margin",
        "/api/remarks/*/seen",
        "/api/shorthand/tried"
    };

    @Bean
    SecurityFilterChain security(HttpSecurity http, SignInGuard guard, StandingFilter standing) throws Exception {
        return http.authorizeHttpRequests(routes -> routes.requestMatchers(
                                "/api/setup",
                                "/api/session",
                                "/api/forgotten",
                                "/actuator/health",
                                SIGNED,
                                SHOWN,
                                WELCOME,
                                FEED)
                        .permitAll()
                        .requestMatchers("/api/guest/**")
                        .hasRole("GUEST")
                        .requestMatchers("/api/session/**")
                        .authenticated()
                        .requestMatchers(ADMINISTRATORS_SEE)
                        .hasRole("ADMINISTRATOR")
                        .requestMatchers(HttpMethod.GET, "/api/**")
                        .hasRole("READER")
                        .requestMatchers(READERS_SEND)
                        .hasRole("READER")
                        .requestMatchers(ADMINISTRATORS_CHANGE)
                        .hasRole("ADMINISTRATOR")
                        .requestMatchers("/api/**")
                        .hasRole("MEMBER")
                        .anyRequest()
                        .permitAll())
                .csrf(csrf -> csrf.spa().ignoringRequestMatchers(SIGNED))
                .formLogin(form -> form.loginProcessingUrl("/api/session")
                        .usernameParameter("email")
                        .passwordParameter("password")
                        .authenticationDetailsSource(
                                request -> new CodeCheck.Typed(Optional.ofNullable(request.getParameter("code"))
                                        .orElse("")))
                        .successHandler((request, response, who) -> {
                            guard.succeeded((SignedIn) who.getPrincipal(), request);
                            HttpSession session = request.getSession();
                            session.setAttribute(
                                    Sessions.BROWSER, Texts.shortened(request.getHeader(HttpHeaders.USER_AGENT), 300));
                            session.setAttribute(Sessions.NETWORK, SignInGuard.network(request));
                            response.setStatus(HttpStatus.NO_CONTENT.value());
                        })
                        .failureHandler((request, response, e) -> {
                            CodeCheck.CodeWanted wanted = e instanceof CodeCheck.CodeWanted c ? c : null;
                            if (wanted == null || wanted.isWrong()) {
                                guard.refused(request);
                            }
                            if (wanted != null) {
                                PlainProblem.write(
                                        response,
                                        HttpStatus.UNAUTHORIZED,
                                        CODE_WANTED,
                                        wanted.isWrong() ? WRONG_CODE : ENTER_THE_CODE);
                                return;
                            }
                            PlainProblem.write(
                                    response,
                                    HttpStatus.UNAUTHORIZED,
                                    "Not signed in",
                                    "Wrong email address or password.");
                        })
                        .permitAll())
                .logout(out -> out.logoutUrl("/api/session/end")
                        .logoutSuccessHandler((request, response, who) -> response.setStatus(204)))
                .exceptionHandling(
                        errors -> errors.authenticationEntryPoint((request, response, e) -> PlainProblem.write(
                                        response, HttpStatus.UNAUTHORIZED, "Not signed in", "Sign in first."))
                                .accessDeniedHandler((request, response, e) -> PlainProblem.write(
                                        response,
                                        HttpStatus.FORBIDDEN,
                                        "Refused",
                                        e instanceof CsrfException
                                                ? "The request did not carry this session's token; reload the page."
                                                : refusal(request))))
                .requestCache(cache -> cache.disable())
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                        .frameOptions(HeadersConfigurer.FrameOptionsConfig::deny)
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.NO_REFERRER)))
                .addFilterBefore(guard, UsernamePasswordAuthenticationFilter.class)
                .addFilterBefore(standing, AuthorizationFilter.class)
                .sessionManagement(Customizer.withDefaults())
                .build();
    }

    private static String refusal(HttpServletRequest request) {
        return request.isUserInRole("READER")
                ? "Your role does not allow this. An administrator of the team can do it, or change your role."
                : "You were not let into this.";
    }
}
