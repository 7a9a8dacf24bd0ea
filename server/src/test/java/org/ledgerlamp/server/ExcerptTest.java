package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import javax.sql.DataSource;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpMethod;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A part of a folio, shown to whoever has its address, and nothing else through it. */
class ExcerptTest extends WithDraft {
    @Autowired
    private DataSource database;

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping mapping;

    private String shownLine;

    @BeforeEach
    void file() throws Exception {
        for (JsonNode line : page().at("/lines")) {
            change(line, facts(line.at("/kind").asString(), line.at("/text").asString(), null, "INK"));
        }
        desk.create("/api/minutes/{id}/folio", "{}", minutes);
        shownLine = line("DECISION").at("/id").asString();
    }

    private Desk.Answer make(String more) throws Exception {
        return make(false, more);
    }

    private Desk.Answer make(boolean passages, String more) throws Exception {
        return desk.create(
                "/api/folios/1/excerpts",
                "{\"lines\":[\"%s\"],\"days\":7,\"passages\":%b%s}".formatted(shownLine, passages, more));
    }

    /** Asks as somebody without account. */
    private MockHttpServletResponse stranger(String method, String path, String body, String token) throws Exception {
        return http.perform(asked(method, path, body, token)).andReturn().getResponse();
    }

    /** The same, with what opens an excerpt as if it were an access token. */
    private MockHttpServletResponse bearing(String method, String path, String body, String token) throws Exception {
        return http.perform(asked(method, path, body, token).header("Authorization", "Bearer " + token))
                .andReturn()
                .getResponse();
    }

    private static MockHttpServletRequestBuilder asked(String method, String path, String body, String token) {
        return MockMvcRequestBuilders.request(HttpMethod.valueOf(method), path)
                .with(csrf())
                .param("token", token)
                .contentType("application/json")
                .content(body);
    }

    private MockHttpServletResponse open(String token, String passphrase) throws Exception {
        String body = passphrase == null ? "{}" : "{\"passphrase\":\"" + passphrase + "\"}";
        return stranger("POST", "/api/shown/" + token, body, token);
    }

    private static JsonNode json(MockHttpServletResponse response) throws Exception {
        return JsonMapper.shared().readTree(response.getContentAsString());
    }

    @Test
    void whoever_has_the_address_reads_the_chosen_lines_and_no_others() throws Exception {
        String token = make("").text("/token");

        MockHttpServletResponse shown = open(token, null);

        assertThat(shown.getStatus()).isEqualTo(200);
        assertThat(shown.getHeader("Cache-Control")).contains("no-store");
        assertThat(shown.getContentAsString())
                .contains("Put a roller on the Skarness fender")
                .contains("Tue 3 Mar 2026")
                .doesNotContain("wears through")
                .doesNotContain("insures")
                .doesNotContain("Tom Reyes")
                .doesNotContain("let's do that");
    }

    @Test
    void the_passages_behind_the_lines_are_shown_where_that_was_wanted() throws Exception {
        String token = make(true, "").text("/token");

        assertThat(open(token, null).getContentAsString())
                .contains("Yes, let's do that.")
                .doesNotContain("wears through");
    }

    @Test
    void its_address_opens_no_other_route() throws Exception {
        String token = make("").text("/token");
        List<String> opened = new ArrayList<>();
        mapping.getHandlerMethods().forEach((info, method) -> {
            for (String path : info.getPatternValues()) {
                for (RequestMethod verb : info.getMethodsCondition().getMethods()) {
                    String aimed = path.replace("{id}", shownLine)
                            .replace("{number}", "1")
                            .replace("{revision}", "2")
                            .replace("{box}", "box")
                            .replace("{key}", "key")
                            .replace("{kind}", "ACTION");
                    if (path.startsWith("/api/") && !path.startsWith("/api/shown/")) {
                        try {
                            MockHttpServletResponse answer = stranger(verb.name(), aimed, "{}", token);
                            boolean open = List.of("/api/session", "/api/setup", "/api/forgotten")
                                    .contains(path);
                            boolean hasItsOwnKey = path.startsWith("/api/welcome/") && answer.getStatus() == 400
                                    || path.startsWith("/api/due/") && answer.getStatus() == 404;
                            if (answer.getStatus() != 401 && !open && !hasItsOwnKey
                                    || bearing(verb.name(), aimed, "{}", token).getStatus() != 401
                                    || answer.getContentAsString().contains("roller")) {
                                opened.add(verb + " " + path + " " + answer.getStatus());
                            }
                        } catch (Exception e) {
                            throw new AssertionError(path, e);
                        }
                    }
                }
            }
        });

        assertThat(opened).isEmpty();
        assertThat(open(token.substring(1), null).getStatus()).isEqualTo(404);
        assertThat(open(UUID.randomUUID().toString(), null).getStatus()).isEqualTo(404);
    }

    @Test
    void behind_a_passphrase_nothing_is_told_without_it_and_guessing_is_slowed_down() throws Exception {
        String token = make(",\"passphrase\":\"wet paint\"").text("/token");

        assertThat(json(open(token, null)).at("/locked").asBoolean()).isTrue();
        JsonNode wrong = json(open(token, "dry paint"));
        assertThat(wrong.at("/wrong").asBoolean()).isTrue();
        assertThat(wrong.at("/page")).isEmpty();
        assertThat(json(open(token, " wet paint ")).at("/page")).isNotEmpty();
        for (int i = 0; i < 9; i++) {
            open(token, "guess " + i);
        }
        assertThat(open(token, "wet paint").getStatus()).isEqualTo(429);
    }

    @Test
    void what_was_revoked_or_ran_out_is_as_if_it_never_was() throws Exception {
        Desk.Answer revoked = make("");
        assertThat(desk.remove("/api/excerpts/{id}", revoked.text("/id")).status())
                .isEqualTo(204);
        String late = make("").text("/token");
        new JdbcTemplate(database).update("update excerpt set expires_at = now(6) - interval 1 minute");

        assertThat(open(revoked.text("/token"), null).getStatus()).isEqualTo(404);
        assertThat(open(late, null).getStatus()).isEqualTo(404);
    }

    @Test
    void every_opening_is_in_the_log_with_its_time_and_sender() throws Exception {
        String token = make(",\"passphrase\":\"wet paint\"").text("/token");
        open(token, "dry paint");
        open(token, "wet paint");

        JsonNode excerpt = desk.read("/api/folios/1/excerpts").at("/0");

        assertThat(excerpt.at("/locked").asBoolean()).isTrue();
        assertThat(excerpt.at("/openings")).hasSize(2);
        assertThat(excerpt.at("/openings").findValuesAsString("granted")).containsExactlyInAnyOrder("true", "false");
        assertThat(excerpt.at("/openings/0/sender").asString()).isNotEmpty();
        assertThat(excerpt.toString()).doesNotContain(token).doesNotContain("paint");
    }

    @Test
    void a_line_struck_since_is_shown_no_more_and_only_lines_of_record_can_be_shown() throws Exception {
        String token = make("").text("/token");
        change(line("DECISION"), facts("DECISION", "Struck since", null, "STRUCK"));

        assertThat(open(token, null).getContentAsString())
                .doesNotContain("roller")
                .doesNotContain("Struck");
        assertThat(make("").status()).isEqualTo(404);
        assertThat(desk.create(
                                "/api/folios/1/excerpts",
                                "{\"lines\":[\"%s\"],\"days\":7,\"passages\":false}".formatted(UUID.randomUUID()))
                        .status())
                .isEqualTo(404);
        assertThat(desk.create("/api/folios/1/excerpts", "{\"lines\":[],\"days\":7,\"passages\":false}")
                        .status())
                .isEqualTo(400);
    }
}
