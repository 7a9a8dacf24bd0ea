package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.awaitility.Awaitility;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A question is kept with its answer; asked again, it tells what changed since, and changes nothing by itself. */
class KeptQuestionsTest extends WithTwoFolios {
    private static final String OWES = "{\"question\":\"what does Tom still owe us?\"}";

    @BeforeEach
    void theIndexHasThem() {
        Awaitility.await()
                .until(() -> desk.read("/api/lamp?q={q}", "bollards Brae")
                                .at("/total")
                                .asInt()
                        > 1);
    }

    private JsonNode keep(String question) throws Exception {
        Desk.Answer kept = desk.create("/api/kept", question);
        assertThat(kept.status()).isEqualTo(201);
        return kept.body();
    }

    private JsonNode again(JsonNode kept) throws Exception {
        return desk.read("/api/kept/{id}", kept.at("/id").asString()).body();
    }

    /** Tom's action about the bollards is done. */
    private void bollardsArePainted() throws Exception {
        JsonNode entry = register("ACTION", "open=true").stream()
                .filter(e -> e.at("/text")
                        .asString()
                        .toLowerCase(java.util.Locale.ROOT)
                        .contains("bollards"))
                .findFirst()
                .orElseThrow();
        Desk.Answer act = desk.create(
                "/api/acts", "{\"lines\":[\"" + entry.at("/lineId").asString() + "\"],\"deed\":{\"kind\":\"DONE\"}}");
        assertThat(act.status()).isLessThan(300);
    }

    @Test
    void nothing_changed_where_nothing_was_filed_or_done_since() throws Exception {
        JsonNode asked = again(keep(OWES));

        assertThat(asked.at("/answer/answered").asBoolean()).isTrue();
        assertThat(asked.at("/novelties"))
                .isNotEmpty()
                .allMatch(s -> s.at("/news").asString().equals("SAME"));
        assertThat(asked.at("/novelties").size())
                .isEqualTo(asked.at("/answer/statements").size());
        assertThat(asked.at("/gone")).isEmpty();
        assertThat(asked.at("/kept/keptBy").asString()).isEqualTo("Mira Voss");
    }

    @Test
    void what_is_done_since_is_told_as_gone_and_is_kept_until_a_member_keeps_what_is_so_now() throws Exception {
        JsonNode kept = keep(OWES);
        bollardsArePainted();

        JsonNode asked = again(kept);
        assertThat(asked.at("/gone").toString()).containsIgnoringCase("bollards");
        assertThat(asked.at("/gone/0/citations/0/folio").asInt()).isEqualTo(2);
        assertThat(again(kept).at("/gone").size())
                .as("asking changes nothing")
                .isEqualTo(asked.at("/gone").size());

        Desk.Answer renewed = desk.write("/api/kept/{id}", 0, "", kept.at("/id").asString());
        assertThat(renewed.status()).isEqualTo(200);
        assertThat(again(kept).at("/gone")).isEmpty();
    }

    @Test
    void what_is_filed_since_is_new() throws Exception {
        JsonNode kept = keep("{\"question\":\"what happened in March 2026?\"}");
        String meeting = desk.create(
                        "/api/meetings",
                        """
                        {"title":"Latest","date":"2026-03-17","zone":"Europe/Oslo","series":"Charging berth weekly","agenda":[],"people":[]}
                        """)
                .text("/id");
        desk.place(
                desk.drop("latest.txt", "Tom Reyes: We agreed to paint the roller yellow.")
                        .text("/0/source/id"),
                meeting);
        desk.create(
                "/api/minutes/{id}/folio",
                "{\"asItStands\":true}",
                desk.draft(meeting).text("/id"));

        JsonNode asked = again(kept);

        int last = asked.at("/novelties").size() - 1;
        assertThat(asked.at("/novelties/" + last + "/news").asString()).isEqualTo("NEW");
        assertThat(asked.at("/answer/statements/" + last + "/citations/0/folio").asInt())
                .isEqualTo(3);
        assertThat(asked.at("/novelties/0/news").asString()).isEqualTo("SAME");
    }

    @Test
    void a_kept_question_keeps_how_it_was_read_and_of_what_it_was_asked() throws Exception {
        JsonNode kept = keep("{\"question\":\"what about the roller?\",\"where\":{\"folio\":2}}");

        assertThat(kept.at("/asked/where/folio").asInt()).isEqualTo(2);
        assertThat(again(kept).at("/answer/statements/0/citations/0/folio").asInt())
                .isEqualTo(2);
        assertThat(desk.read("/api/kept").at("/0/asked/question").asString()).isEqualTo("what about the roller?");
    }

    @Test
    void two_who_keep_at_once_do_not_overwrite_each_other() throws Exception {
        JsonNode kept = keep(OWES);
        String id = kept.at("/id").asString();
        bollardsArePainted();
        assertThat(desk.write("/api/kept/{id}", 0, "", id).status()).isEqualTo(200);

        assertThat(desk.write("/api/kept/{id}", 0, "", id).status()).isEqualTo(412);
    }

    @Test
    void what_is_let_go_is_gone_and_another_team_sees_none_of_it() throws Exception {
        JsonNode kept = keep(OWES);
        String id = kept.at("/id").asString();
        Desk stranger = otherTeam();
        assertThat(stranger.read("/api/kept").body().size()).isZero();
        assertThat(stranger.read("/api/kept/{id}", id).status()).isEqualTo(404);
        assertThat(stranger.remove("/api/kept/{id}", id).status()).isEqualTo(404);

        assertThat(desk.remove("/api/kept/{id}", id).status()).isEqualTo(204);

        assertThat(desk.read("/api/kept").body().size()).isZero();
        assertThat(desk.create("/api/kept", "{\"question\":\" \"}").status()).isEqualTo(400);
    }
}
