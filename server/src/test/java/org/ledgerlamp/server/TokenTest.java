package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ledgerlamp.server.common.Keys;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Programs of a member's carry a token: good for what it was made for, and no longer than the member wants. */
class TokenTest extends ServerTest {
    private static final Set<String> OF_ALL_USES = Set.of(
            "GET /api/lamp",
            "POST /api/ask",
            "GET /api/ledger",
            "GET /api/folios/{number}",
            "GET /api/folios/{number}/paper",
            "GET /api/registers/{kind}",
            "GET /api/registers/{kind}/file",
            "POST /api/hand-ins",
            "GET /api/meetings",
            "GET /api/meetings/{id}",
            "GET /api/meetings/series",
            "PUT /api/lines/{id}",
            "GET /api/sources/{id}",
            "POST /api/meetings/{id}/minutes",
            "GET /api/draftings/{id}",
            "GET /api/minutes/{id}",
            "POST /api/minutes/{id}/folio");

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping mapping;

    @Autowired
    private JdbcTemplate database;

    private Desk.Answer make(String uses, String lastDay) throws Exception {
        return desk.create(
                "/api/tokens", "{\"name\":\"nightly\",\"uses\":[%s],\"lastDay\":%s}".formatted(uses, lastDay));
    }

    private Desk carrying(String uses) throws Exception {
        return desk.carrying(make(uses, "null").text("/words"));
    }

    @Test
    void a_token_is_told_once_and_of_it_only_a_digest_is_kept() throws Exception {
        Desk.Answer made = make("\"LOOK\",\"FILE\"", "null");

        assertThat(made.status()).isEqualTo(201);
        assertThat(made.text("/words")).matches("lamp_[A-Za-z0-9_-]{32}");
        Desk.Answer listed = desk.read("/api/tokens");
        assertThat(listed.at("/0/uses")).extracting(Object::toString).containsExactly("\"LOOK\"", "\"FILE\"");
        assertThat(listed.body().toString()).doesNotContain(made.text("/words").substring(5));
        assertThat(database.queryForObject(
                        "select count(*) from access_token where digest = ?",
                        Integer.class,
                        Keys.digest(made.text("/words"))))
                .isOne();
    }

    @Test
    void a_token_speaks_for_its_member_and_its_use_is_noted() throws Exception {
        Desk program = carrying("\"LOOK\"");

        assertThat(program.read("/api/ledger").status()).isEqualTo(200);
        assertThat(program.create("/api/ask", "{\"question\":\"What was decided last week?\"}")
                        .status())
                .isEqualTo(200);
        assertThat(desk.read("/api/tokens").text("/0/usedAt")).isNotBlank();
    }

    /** Every route there is is tried with every use at once: what is not meant for programs is shut. */
    @Test
    void no_token_is_good_for_anything_but_its_uses() throws Exception {
        Desk program = carrying("\"LOOK\",\"BRING\",\"DRAFT\",\"FILE\"");
        List<String> open = new ArrayList<>();
        for (var info : mapping.getHandlerMethods().keySet()) {
            for (String path : info.getPatternValues()) {
                for (var verb : info.getMethodsCondition().getMethods()) {
                    String aimed = path.replace("{kind}", "ACTION")
                            .replaceAll("\\{number}", "7")
                            .replaceAll("\\{[a-z]+}", "00000000-0000-7000-8000-000000000000");
                    if (program.send(verb.name(), aimed, "{}").status() != 403) {
                        open.add(verb + " " + path);
                    }
                }
            }
        }

        assertThat(open).containsExactlyInAnyOrderElementsOf(OF_ALL_USES);
    }

    @ParameterizedTest
    @CsvSource({
        "LOOK, POST, /api/hand-ins",
        "LOOK, POST, /api/minutes/00000000-0000-7000-8000-000000000000/folio",
        "BRING, GET, /api/lamp",
        "BRING, POST, /api/meetings/00000000-0000-7000-8000-000000000000/minutes",
        "DRAFT, POST, /api/minutes/00000000-0000-7000-8000-000000000000/folio",
        "FILE, POST, /api/ask",
        "FILE, GET, /api/sources/00000000-0000-7000-8000-000000000000"
    })
    void a_token_for_one_use_is_none_for_another(String use, String method, String path) throws Exception {
        Desk.Answer answer = carrying("\"" + use + "\"").send(method, path, "{}");

        assertThat(answer.status()).isEqualTo(403);
        assertThat(answer.text("/detail")).isEqualTo("This token was not made for this use.");
    }

    @Test
    void a_revoked_token_is_good_for_nothing_at_once() throws Exception {
        Desk.Answer made = make("\"LOOK\"", "null");
        Desk program = desk.carrying(made.text("/words"));
        assertThat(program.read("/api/ledger").status()).isEqualTo(200);

        assertThat(desk.remove("/api/tokens/{id}", made.text("/token/id")).status())
                .isEqualTo(204);

        Desk.Answer refused = program.read("/api/ledger");
        assertThat(refused.status()).isEqualTo(401);
        assertThat(refused.text("/detail")).contains("revoked");
    }

    @Test
    void a_token_is_good_through_its_last_day() throws Exception {
        String words = make("\"LOOK\"", "\"" + LocalDate.now() + "\"").text("/words");
        Desk program = desk.carrying(words);
        assertThat(program.read("/api/ledger").status()).isEqualTo(200);

        database.update(
                "update access_token set last_day = ? where digest = ?",
                LocalDate.now().minusDays(1),
                Keys.digest(words));

        assertThat(program.read("/api/ledger").status()).isEqualTo(401);
    }

    @Test
    void what_cannot_be_a_token_is_refused_with_the_reason() throws Exception {
        assertThat(make("", "null").status()).isEqualTo(400);
        assertThat(make("\"EVERYTHING\"", "null").status()).isEqualTo(400);
        assertThat(make("\"LOOK\"", "\"2020-01-01\"").text("/detail")).contains("lies ahead");
        assertThat(desk.carrying("lamp_made-up").read("/api/ledger").status()).isEqualTo(401);
        assertThat(desk.carrying("").read("/api/session").status()).isEqualTo(401);
    }

    @Test
    void nobody_sees_or_revokes_the_tokens_of_another_not_even_of_a_colleague() throws Exception {
        Desk.Answer made = make("\"LOOK\"", "null");
        Desk other = colleague("Ana Reis");

        assertThat(other.read("/api/tokens").body().size()).isZero();
        assertThat(other.remove("/api/tokens/{id}", made.text("/token/id")).status())
                .isEqualTo(404);
        assertThat(desk.read("/api/tokens").body().size()).isOne();
    }

    @Test
    void a_token_reaches_its_own_team_alone() throws Exception {
        String meeting = otherTeam().meeting("Secret");

        Desk program = carrying("\"LOOK\",\"BRING\",\"DRAFT\",\"FILE\"");

        assertThat(program.read("/api/meetings/{id}", meeting).status()).isEqualTo(404);
        assertThat(program.create("/api/meetings/{id}/minutes", "{}", meeting).status())
                .isEqualTo(404);
    }
}
