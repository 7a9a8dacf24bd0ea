package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.mail.internet.MimeMessage;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.standins.MailPartner;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import tools.jackson.databind.JsonNode;

/** How people come into a team, what they may do in it, and how they leave. */
class MembersTest extends ServerTest {
    private static final String GOOD = "herring nets at noon";
    private static final Pattern KEY = Pattern.compile("/welcome/([\\w-]+)");

    @Autowired
    private AccessService access;

    private String email(String name) {
        return name.toLowerCase(java.util.Locale.ROOT) + "-" + desk.who().teamId() + "@skerry.example";
    }

    private Desk.Answer invite(String name, String role, boolean byMail) throws Exception {
        return desk.create(
                "/api/members",
                "{\"name\":\"%s\",\"email\":\"%s\",\"role\":\"%s\",\"byMail\":%b}"
                        .formatted(name, email(name), role, byMail));
    }

    private static String key(String words) {
        Matcher m = KEY.matcher(words);
        assertThat(m.find()).as(words).isTrue();
        return m.group(1);
    }

    private Desk.Answer choose(String key, String password) throws Exception {
        return desk.create("/api/welcome/{key}", "{\"password\":\"" + password + "\"}", key);
    }

    /** Invites somebody who comes in at once. */
    private Desk joined(String name, String role) throws Exception {
        assertThat(choose(key(invite(name, role, false).text("/link")), GOOD).status())
                .isEqualTo(200);
        return as((SignedIn) access.loadUserByUsername(email(name)));
    }

    private JsonNode member(String name) throws Exception {
        for (JsonNode member : desk.read("/api/members").body()) {
            if (member.at("/name").asString().equals(name)) {
                return member;
            }
        }
        throw new AssertionError(name);
    }

    @Test
    void whoever_is_invited_by_link_chooses_a_password_and_takes_part() throws Exception {
        Desk ana = joined("Ana", "TAKES_PART");

        assertThat(ana.read("/api/session").text("/member/role")).isEqualTo("TAKES_PART");
        assertThat(ana.create("/api/people", "{\"name\":\"Tom\",\"aliases\":[]}")
                        .status())
                .isEqualTo(200);
        assertThat(member("Ana").at("/joined").asBoolean()).isTrue();
    }

    @Test
    void an_invitation_by_mail_stands_in_the_letter_alone_and_is_good_once() throws Exception {
        try (MailPartner mail = new MailPartner(0)) {
            desk.send(
                    "PUT",
                    "/api/post/account",
                    "{\"host\":\"127.0.0.1\",\"port\":%d,\"safety\":\"NONE\",\"sender\":\"lamp@skerry.example\",\"senderName\":\"L\"}"
                            .formatted(mail.port()));
            assertThat(invite("Joss", "LOOKS_ON", true).at("/link").isNull()).isTrue();
            List<MimeMessage> letters =
                    Awaitility.await().until(() -> mail.receivedBy(email("Joss")), l -> !l.isEmpty());
            String key = key(MailPartner.text(letters.getFirst()));

            assertThat(desk.read("/api/post").body().toString()).doesNotContain(key);
            assertThat(choose(key, GOOD).text("/email")).isEqualTo(email("Joss"));
            assertThat(choose(key, GOOD).status()).isEqualTo(404);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"short", "aaaaaaaaaa", "1234567890", "password123", "qwertyuiop", "abcabcabcabc"})
    void a_password_that_is_easily_guessed_is_refused(String password) throws Exception {
        String key = key(invite("Ana", "TAKES_PART", false).text("/link"));

        assertThat(choose(key, password).status()).isEqualTo(400);
        assertThat(choose(key, GOOD).status()).isEqualTo(200);
    }

    @Test
    void a_password_may_be_longer_than_the_hash_takes_and_all_of_it_counts() throws Exception {
        String poem = "ebb and flood and ropes of tar, ".repeat(4);
        choose(key(invite("Ana", "TAKES_PART", false).text("/link")), poem);

        assertThat(signIn(email("Ana"), poem)).isEqualTo(204);
        assertThat(signIn(email("Ana"), poem + "x")).isEqualTo(401);
        assertThat(signIn(email("Ana"), poem.substring(0, 80))).isEqualTo(401);
    }

    private int signIn(String email, String password) throws Exception {
        return http.perform(
                        org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post("/api/session")
                                .param("email", email)
                                .param("password", password)
                                .with(org.springframework.security.test.web.servlet.request
                                        .SecurityMockMvcRequestPostProcessors.csrf()))
                .andReturn()
                .getResponse()
                .getStatus();
    }

    @Test
    void whoever_is_removed_is_out_at_once_with_every_session_and_token() throws Exception {
        Desk ana = joined("Ana", "TAKES_PART");
        String token = ana.create("/api/tokens", "{\"name\":\"Script\",\"uses\":[\"LOOK\"],\"lastDay\":null}")
                .text("/words");
        assertThat(ana.carrying(token).read("/api/ledger").status()).isEqualTo(200);

        assertThat(desk.remove("/api/members/{id}", ana.who().memberId()).status())
                .isEqualTo(204);

        assertThat(ana.read("/api/people").status()).isEqualTo(401);
        assertThat(ana.carrying(token).read("/api/ledger").status()).isEqualTo(401);
        assertThat(signIn(email("Ana"), GOOD)).isEqualTo(401);
        assertThat(desk.read("/api/members").body().toString()).doesNotContain("Ana");
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> access.loadUserByUsername(email("Ana")))
                .isInstanceOf(UsernameNotFoundException.class);
    }

    @Test
    void whoever_was_removed_can_be_invited_again() throws Exception {
        Desk ana = joined("Ana", "TAKES_PART");
        desk.remove("/api/members/{id}", ana.who().memberId());

        Desk again = joined("Ana", "LOOKS_ON");

        assertThat(again.read("/api/people").status()).isEqualTo(200);
        assertThat(ana.read("/api/people").status()).isEqualTo(401);
    }

    @Test
    void a_role_that_changes_counts_from_the_next_request_on() throws Exception {
        Desk ana = joined("Ana", "TAKES_PART");
        String id = ana.who().memberId().toString();
        String person = "{\"name\":\"Tom\",\"aliases\":[]}";

        desk.send("PUT", "/api/members/" + id, "{\"role\":\"LOOKS_ON\"}");
        assertThat(ana.create("/api/people", person).status()).isEqualTo(403);
        assertThat(ana.read("/api/people").status()).isEqualTo(200);
        desk.send("PUT", "/api/members/" + id, "{\"role\":\"ADMINISTERS\"}");
        assertThat(ana.create("/api/people", person).status()).isEqualTo(200);
        assertThat(ana.create("/api/networks", "{\"network\":\"10.0.0.0/8\"}").status())
                .isEqualTo(204);
    }

    @Test
    void a_team_always_has_somebody_who_administers_it() throws Exception {
        String own = desk.who().memberId().toString();

        assertThat(desk.send("PUT", "/api/members/" + own, "{\"role\":\"TAKES_PART\"}")
                        .status())
                .isEqualTo(409);
        assertThat(desk.remove("/api/members/{id}", own).status()).isEqualTo(409);
        joined("Ana", "ADMINISTERS");
        assertThat(desk.remove("/api/members/{id}", own).status()).isEqualTo(204);
    }

    @Test
    void a_token_lets_nobody_do_what_their_role_does_not() throws Exception {
        Desk ana = joined("Ana", "TAKES_PART");
        String token = ana.create("/api/tokens", "{\"name\":\"Script\",\"uses\":[\"LOOK\",\"BRING\"],\"lastDay\":null}")
                .text("/words");
        assertThat(ana.carrying(token).read("/api/meetings").status()).isNotEqualTo(403);

        desk.send("PUT", "/api/members/" + ana.who().memberId(), "{\"role\":\"LOOKS_ON\"}");

        assertThat(ana.carrying(token).read("/api/meetings").status()).isEqualTo(403);
        assertThat(ana.carrying(token).read("/api/ledger").status()).isEqualTo(200);
    }

    @Test
    void a_changed_password_needs_the_present_one_and_a_forgotten_one_its_link() throws Exception {
        Desk ana = joined("Ana", "TAKES_PART");
        String next = "mackerel in the morning";
        String change = "{\"present\":\"%s\",\"next\":\"%s\"}";

        assertThat(ana.create("/api/session/password", change.formatted("guess", next))
                        .status())
                .isEqualTo(400);
        assertThat(ana.create("/api/session/password", change.formatted(GOOD, next))
                        .status())
                .isEqualTo(204);
        assertThat(ana.read("/api/people").status()).as("a browser of before").isEqualTo(401);
        assertThat(signIn(email("Ana"), next)).isEqualTo(204);

        String link = desk.create("/api/members/{id}/link", "{}", ana.who().memberId())
                .text("/link");
        choose(key(link), GOOD);
        assertThat(signIn(email("Ana"), next)).isEqualTo(401);
        assertThat(signIn(email("Ana"), GOOD)).isEqualTo(204);
    }

    @Test
    void whether_an_address_has_an_account_is_not_told_and_nobody_is_flooded() throws Exception {
        joined("Ana", "TAKES_PART");
        String mail = "{\"email\":\"%s\"}";

        for (int i = 0; i < 6; i++) {
            assertThat(desk.create("/api/forgotten", mail.formatted(email("Ana")))
                            .status())
                    .isEqualTo(204);
        }
        assertThat(desk.create("/api/forgotten", mail.formatted("nobody@skerry.example"))
                        .status())
                .isEqualTo(204);
        assertThat(desk.read("/api/post").body()).hasSize(3);
    }

    @Test
    void nobody_of_another_team_is_invited_changed_or_removed() throws Exception {
        Desk ana = joined("Ana", "TAKES_PART");
        Desk stranger = otherTeam();

        assertThat(stranger.create(
                                "/api/members",
                                "{\"name\":\"Ana\",\"email\":\"%s\",\"role\":\"TAKES_PART\",\"byMail\":false}"
                                        .formatted(email("Ana")))
                        .status())
                .isEqualTo(409);
        assertThat(stranger.remove("/api/members/{id}", ana.who().memberId()).status())
                .isEqualTo(404);
        assertThat(ana.read("/api/people").status()).isEqualTo(200);
    }
}
