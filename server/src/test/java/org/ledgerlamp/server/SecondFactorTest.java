package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.UUID;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;

/** Whoever wants it signs in with a code from an authenticator beside the password. */
class SecondFactorTest extends ServerTest {
    private static final long STEP_SECONDS = 30;

    @Autowired
    private JdbcTemplate jdbc;

    private String secret;

    private MockHttpServletResponse signIn(String code) throws Exception {
        return http.perform(post("/api/session")
                        .param("email", desk.who().email())
                        .param("password", Desks.PASSWORD)
                        .param("code", code)
                        .with(csrf()))
                .andReturn()
                .getResponse();
    }

    /** What the authenticator shows, so many half minutes from now. */
    private String shown(int stepsFromNow) throws Exception {
        return new TimeBasedOneTimePasswordGenerator()
                .generateOneTimePasswordString(
                        new SecretKeySpec(new Base32().decode(secret), "HmacSHA1"),
                        Instant.now().plusSeconds(stepsFromNow * STEP_SECONDS));
    }

    private Desk.Answer turnOn() throws Exception {
        secret = desk.create("/api/session/factor/secret", "").text("/secret");
        Desk.Answer on = desk.create("/api/session/factor", code(shown(0)));
        assertThat(on.status()).isEqualTo(200);
        return on;
    }

    private static String code(String code) {
        return "{\"code\":\"" + code + "\"}";
    }

    @Test
    void the_password_alone_no_longer_opens_and_a_code_opens_once() throws Exception {
        turnOn();

        assertThat(signIn("").getStatus()).isEqualTo(401);
        assertThat(signIn("").getContentAsString()).contains("Code wanted");
        assertThat(signIn("000000").getContentAsString()).contains("That code is wrong");
        assertThat(signIn(shown(0)).getStatus()).as("it was used to turn it on").isEqualTo(401);
        String next = shown(1);
        assertThat(signIn(next).getStatus()).isEqualTo(204);
        assertThat(signIn(next).getStatus()).as("a second time").isEqualTo(401);
    }

    @Test
    void nothing_changes_before_a_right_code_was_typed() throws Exception {
        secret = desk.create("/api/session/factor/secret", "").text("/secret");

        assertThat(desk.create("/api/session/factor", code("000000")).status()).isEqualTo(400);
        assertThat(desk.read("/api/session/factor").at("/on").asBoolean()).isFalse();
        assertThat(signIn("").getStatus()).isEqualTo(204);
    }

    @Test
    void each_recovery_code_opens_once_however_it_is_typed() throws Exception {
        String recovery = turnOn().text("/codes/0");

        assertThat(signIn(recovery.toUpperCase(java.util.Locale.ROOT).replace("-", " "))
                        .getStatus())
                .isEqualTo(204);
        assertThat(signIn(recovery).getStatus()).isEqualTo(401);
        assertThat(desk.read("/api/session/factor").at("/recoveryCodesLeft").asInt())
                .isEqualTo(9);
    }

    @Test
    void it_is_turned_off_with_a_code_and_by_an_administrator_for_who_lost_theirs() throws Exception {
        turnOn();
        assertThat(desk.create("/api/session/factor/off", code("000000")).status())
                .isEqualTo(400);
        assertThat(desk.create("/api/session/factor/off", code(shown(1))).status())
                .isEqualTo(204);
        assertThat(signIn("").getStatus()).isEqualTo(204);

        turnOnAgain();
        String member = desk.who().memberId().toString();
        assertThat(otherTeam().remove("/api/members/{id}/factor", member).status())
                .isEqualTo(404);
        assertThat(signIn("").getStatus()).isEqualTo(401);
        assertThat(desk.read("/api/members").body().findValuesAsString("secondFactor"))
                .contains("true");
        assertThat(desk.remove("/api/members/{id}/factor", member).status()).isEqualTo(204);
        assertThat(signIn("").getStatus()).isEqualTo(204);
    }

    private void turnOnAgain() throws Exception {
        secret = desk.create("/api/session/factor/secret", "").text("/secret");
        assertThat(desk.create("/api/session/factor", code(shown(0))).status()).isEqualTo(200);
    }

    @Test
    void neither_secret_nor_recovery_codes_lie_in_the_database_as_they_are() throws Exception {
        String recovery = turnOn().text("/codes/0");
        UUID member = desk.who().memberId();

        byte[] kept = jdbc.queryForObject("select secret from second_factor where member_id = ?", byte[].class, member);
        assertThat(new String(kept, StandardCharsets.ISO_8859_1)).doesNotContain(secret);
        assertThat(jdbc.queryForList("select digest from recovery_code where member_id = ?", String.class, member))
                .hasSize(10)
                .doesNotContain(recovery);
    }

    @Test
    void codes_are_not_guessed_for_long() throws Exception {
        turnOn();

        int last = 0;
        for (int i = 0; i < 12; i++) {
            last = signIn("00000" + i % 10).getStatus();
        }
        assertThat(last).isEqualTo(429);
    }
}
