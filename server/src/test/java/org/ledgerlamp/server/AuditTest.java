package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What is written into a team's audit trail, and who reads it. */
class AuditTest extends WithDraft {
    private List<String> trail() throws Exception {
        List<String> trail = new ArrayList<>();
        for (JsonNode e : desk.read("/api/audit").body()) {
            trail.add(e.at("/kind").asString() + " " + e.at("/who").asString() + ": "
                    + e.at("/about").asString());
        }
        return trail;
    }

    private void signIn(String password) throws Exception {
        http.perform(post("/api/session")
                .param("email", desk.who().email())
                .param("password", password)
                .with(csrf()));
    }

    @Test
    void sign_ins_and_refused_ones_stand_with_where_they_came_from() throws Exception {
        signIn("guess");
        signIn(Desks.PASSWORD);

        assertThat(trail()).startsWith("SIGNED_IN Mira Voss: ", "SIGN_IN_REFUSED Mira Voss: ");
        assertThat(desk.read("/api/audit").text("/0/network")).isEqualTo("127.0.0.1");
    }

    @Test
    void what_is_changed_for_all_stands_there_latest_first() throws Exception {
        desk.create("/api/networks", "{\"network\":\"10.7.0.0/16\"}");
        desk.create(
                "/api/members",
                "{\"name\":\"Ines\",\"email\":\"ines-%s@skerry.example\",\"role\":\"LOOKS_ON\",\"byMail\":false}"
                        .formatted(desk.who().teamId()));
        desk.create("/api/recorders", "{\"name\":\"Boat hall\",\"control\":null}");

        assertThat(trail())
                .satisfiesExactly(
                        e -> assertThat(e).isEqualTo("RECORDER_SET_UP Mira Voss: Boat hall"),
                        e -> assertThat(e)
                                .startsWith("MEMBER_INVITED Mira Voss: Ines, ines-")
                                .endsWith("looks on"),
                        e -> assertThat(e).isEqualTo("NETWORK_ALLOWED Mira Voss: 10.7.0.0/16"));
        assertThat(desk.read("/api/audit?kind=NETWORK_ALLOWED").body()).hasSize(1);
    }

    @Test
    void what_leaves_the_house_stands_there_and_an_excerpt_when_it_is_opened() throws Exception {
        inkAll();
        desk.create("/api/minutes/{id}/folio", "{}", minutes);
        desk.bytes("/api/folios/1/paper?form=md");
        String token = desk.create(
                        "/api/folios/1/excerpts",
                        "{\"lines\":[\"%s\"],\"days\":7,\"passages\":false}"
                                .formatted(line("ACTION").at("/id").asString()))
                .text("/token");
        http.perform(post("/api/shown/{token}", token)
                .with(csrf())
                .contentType("application/json")
                .content("{}"));

        assertThat(trail())
                .containsSubsequence(
                        "EXCERPT_OPENED whoever has the address: of folio 1",
                        "EXCERPT_MADE Mira Voss: of folio 1",
                        "EXPORTED Mira Voss: folio 1 as md");
    }

    @Test
    void it_is_exported_as_a_table_which_is_noted_too_and_no_other_team_reads_it() throws Exception {
        desk.create("/api/networks", "{\"network\":\"10.7.0.0/16\"}");

        String table = new String(desk.bytes("/api/audit/file"), StandardCharsets.UTF_8);

        assertThat(table).contains("NETWORK_ALLOWED,10.7.0.0/16", "EXPORTED,the audit trail");
        assertThat(otherTeam().read("/api/audit").body()).isEmpty();
        assertThat(colleague("Ana Prokop").read("/api/audit").status()).isEqualTo(403);
    }
}
