package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;

class AccessTest extends ServerTest {
    private static final int TRIES = 10;

    @Autowired
    private JdbcTemplate jdbc;

    private MockHttpServletResponse signIn(String email, String password) throws Exception {
        return http.perform(post("/api/session")
                        .param("email", email)
                        .param("password", password)
                        .with(csrf()))
                .andReturn()
                .getResponse();
    }

    @Test
    void a_wrong_password_and_an_unknown_address_are_refused_in_the_same_words() throws Exception {
        MockHttpServletResponse wrong = signIn(desk.who().email(), "guess");
        MockHttpServletResponse unknown = signIn("nobody@skerry.example", "guess");

        assertThat(wrong.getStatus()).isEqualTo(401);
        assertThat(wrong.getContentAsString()).isEqualTo(unknown.getContentAsString());
        assertThat(wrong.getContentType()).startsWith("application/problem+json");
    }

    @Test
    void guessing_is_stopped_after_some_tries_even_with_the_right_password() throws Exception {
        for (int i = 0; i < TRIES; i++) {
            signIn(desk.who().email(), "guess " + i);
        }

        assertThat(signIn(desk.who().email(), Desks.PASSWORD).getStatus()).isEqualTo(429);
        assertThat(signIn(otherTeam().who().email(), Desks.PASSWORD).getStatus())
                .isEqualTo(204);
    }

    @Test
    void a_password_is_kept_as_a_slow_hash_alone() {
        String kept = jdbc.queryForObject(
                "select password_hash from member where email = ?",
                String.class,
                desk.who().email());

        assertThat(kept).startsWith("$2a$12$").doesNotContain(Desks.PASSWORD);
    }

    @Test
    void a_change_without_the_sessions_token_is_refused() throws Exception {
        MockHttpServletResponse refused = http.perform(post("/api/people")
                        .with(user(desk.who()))
                        .contentType("application/json")
                        .content("{\"name\":\"X\",\"aliases\":[]}"))
                .andReturn()
                .getResponse();

        assertThat(refused.getStatus()).isEqualTo(403);
        assertThat(refused.getContentType()).startsWith("application/problem+json");
        assertThat(desk.read("/api/people").body()).isEmpty();
    }

    @Test
    void the_first_visit_creates_the_first_member_and_no_later_one_does() throws Exception {
        MockHttpServletResponse refused = http.perform(
                        post("/api/setup")
                                .with(csrf())
                                .contentType("application/json")
                                .content(
                                        "{\"team\":\"T\",\"name\":\"N\",\"email\":\"n@skerry.example\",\"password\":\"long enough\"}"))
                .andReturn()
                .getResponse();

        assertThat(refused.getStatus()).isEqualTo(409);
    }

    @Test
    void pages_let_nothing_in_from_elsewhere_and_nothing_inline() throws Exception {
        MockHttpServletResponse page =
                http.perform(get("/api/session")).andReturn().getResponse();

        assertThat(page.getHeader("Content-Security-Policy"))
                .contains("default-src 'none'", "script-src 'self';", "style-src 'self';", "frame-ancestors 'none'")
                .doesNotContain("unsafe");
        assertThat(page.getHeader("X-Frame-Options")).isEqualTo("DENY");
        assertThat(page.getHeader("Referrer-Policy")).isEqualTo("no-referrer");
    }
}
