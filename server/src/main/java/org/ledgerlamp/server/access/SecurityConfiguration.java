package org.ledgerlamp.server.access;

import org.ledgerlamp.server.common.PlainProblem;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.HeadersConfigurer;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
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

    @Bean
    PasswordEncoder passwordEncoder() {
        return new BCryptPasswordEncoder(12);
    }

    @Bean
    SecurityFilterChain security(HttpSecurity http, SignInThrottle throttle) throws Exception {
        return http.authorizeHttpRequests(routes -> routes.requestMatchers(
                                "/api/setup", "/api/session", "/actuator/health", SIGNED, SHOWN, WELCOME, FEED)
                        .permitAll()
                        .requestMatchers("/api/guest/**")
                        .hasRole("GUEST")
                        .requestMatchers("/api/session/end")
                        .authenticated()
                        .requestMatchers("/api/**", "/actuator/**")
                        .hasRole("MEMBER")
                        .anyRequest()
                        .permitAll())
                .csrf(csrf -> csrf.spa().ignoringRequestMatchers(SIGNED))
                .formLogin(form -> form.loginProcessingUrl("/api/session")
                        .usernameParameter("email")
                        .passwordParameter("password")
                        .successHandler((request, response, who) -> {
                            throttle.forget(request.getParameter("email"));
                            response.setStatus(HttpStatus.NO_CONTENT.value());
                        })
                        .failureHandler((request, response, e) -> {
                            throttle.count(request.getParameter("email"));
                            PlainProblem.write(
                                    response,
                                    HttpStatus.UNAUTHORIZED,
                                    "Not signed in",
                                    "Address and password do not belong together.");
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
                                                : "You were not let into this.")))
                .requestCache(cache -> cache.disable())
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                        .frameOptions(HeadersConfigurer.FrameOptionsConfig::deny)
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.NO_REFERRER)))
                .addFilterBefore(
                        throttle,
                        org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter.class)
                .sessionManagement(Customizer.withDefaults())
                .build();
    }
}
