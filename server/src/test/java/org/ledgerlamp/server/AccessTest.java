package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.server.common.Keys;
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
                                        "{\"code\":\"AAAA-BBBB-CCCC\",\"team\":\"T\",\"name\":\"N\",\"email\":\"n@skerry.example\",\"password\":\"lantern on the slipway\"}"))
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

    /** Somebody's try to sign in from an address. */
    private int from(String address, String email, String password) throws Exception {
        return http.perform(post("/api/session")
                        .param("email", email)
                        .param("password", password)
                        .with(csrf())
                        .with(request -> {
                            request.setRemoteAddr(address);
                            return request;
                        }))
                .andReturn()
                .getResponse()
                .getStatus();
    }

    @Test
    void of_many_guesses_at_once_none_slips_by() throws Exception {
        ExecutorService guessing = Executors.newFixedThreadPool(16);
        List<Future<Integer>> guesses = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            String guess = "guess " + i;
            guesses.add(guessing.submit(() -> from("198.51.100.7", desk.who().email(), guess)));
        }
        List<Integer> answers = new ArrayList<>();
        for (Future<Integer> guess : guesses) {
            answers.add(guess.get());
        }
        guessing.shutdown();

        assertThat(answers.stream().filter(a -> a == 401)).hasSizeLessThanOrEqualTo(TRIES);
        assertThat(answers).contains(429);
    }

    @Test
    void a_stranger_elsewhere_does_not_lock_a_member_out_and_a_network_has_only_so_many_tries() throws Exception {
        assertThat(from("192.0.2.10", desk.who().email(), Desks.PASSWORD)).isEqualTo(204);
        from("203.0.113.1", desk.who().email(), "guess");
        // Whoever has many addresses tries from all of them.
        triedAlready("account " + desk.who().email(), 110);
        assertThat(from("203.0.113.200", desk.who().email(), Desks.PASSWORD))
                .as("from where nobody ever signed in")
                .isEqualTo(429);
        assertThat(from("192.0.2.10", desk.who().email(), Desks.PASSWORD))
                .as("where the member is at home")
                .isEqualTo(204);

        from("198.51.100.9", "somebody@skerry.example", "guess");
        triedAlready("network 198.51.100.9", 60);
        assertThat(from("198.51.100.9", "somebody-else@skerry.example", "guess"))
                .isEqualTo(429);
    }

    private void triedAlready(String what, int times) {
        assertThat(jdbc.update("update sign_in_try set tries = ? where what = ?", times, Keys.digest(what)))
                .isEqualTo(1);
    }

    @Test
    void the_counts_are_kept_where_a_restart_does_not_forget_them() throws Exception {
        from("198.51.100.20", desk.who().email(), "guess");

        assertThat(jdbc.queryForObject(
                        "select tries from sign_in_try where what = ?",
                        Integer.class,
                        Keys.digest("account " + desk.who().email() + " from 198.51.100.20")))
                .isEqualTo(1);
    }
}
