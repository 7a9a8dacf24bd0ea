package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class LampTest extends ServerTest {
    private static final Duration PATIENCE = Duration.ofSeconds(20);
    private static final String TALK =
            """
            [00:00:03] Mira Voss: Shall we charge the Tern from the mobile unit at Holm?
            [00:00:08] Ana Prokop: Yes, let's do that.
            [00:00:11] Tom Reyes: I'll tell the yard about the charging.
            """;

    /** Drafts, inks as drafted and files; the folio's number. */
    private int file(Desk who, String talk) throws Exception {
        String meeting = who.meeting("Charging berth weekly");
        who.place(who.drop("talk.txt", talk).text("/0/source/id"), meeting);
        JsonNode draft = who.draft(meeting).body();
        for (JsonNode line : draft.at("/lines")) {
            who.write(
                    "/api/lines/{id}",
                    0,
                    "{\"kind\":\"%s\",\"text\":\"%s\",\"ownerId\":null,\"due\":null,\"state\":\"INK\"}"
                            .formatted(
                                    line.at("/kind").asString(),
                                    line.at("/text").asString()),
                    line.at("/id").asString());
        }
        return who.create("/api/minutes/{id}/folio", "{}", draft.at("/id").asString())
                .at("/filing/folio")
                .asInt();
    }

    /** The index follows a write within a moment: asks again until it has, or gives up. */
    private JsonNode eventually(Desk who, String q) throws Exception {
        Instant until = Instant.now().plus(PATIENCE);
        while (true) {
            JsonNode found = who.read("/api/lamp?q={q}", q).body();
            boolean linesAndPassages = found.toString().contains("\"passage\":0")
                    && found.toString().matches(".*\"line\":\\d.*");
            if (linesAndPassages && found.at("/reach").asString().equals("ALL")
                    || Instant.now().isAfter(until)) {
                return found;
            }
            Thread.onSpinWait();
        }
    }

    private static List<String> lit(JsonNode found) {
        List<String> lit = new ArrayList<>();
        for (JsonNode folio : found.at("/folios")) {
            for (JsonNode hit : folio.at("/hits")) {
                for (JsonNode piece : hit.at("/text")) {
                    if (piece.at("/lit").asBoolean()) {
                        lit.add(piece.at("/text").asString());
                    }
                }
            }
        }
        return lit;
    }

    @Test
    void filed_lines_and_the_passages_behind_them_are_found_with_the_match_lit() throws Exception {
        int folio = file(desk, TALK);

        JsonNode found = eventually(desk, "mobile unit");

        assertThat(found.at("/reach").asString()).isEqualTo("ALL");
        assertThat(found.at("/folios/0/folio").asInt()).isEqualTo(folio);
        assertThat(found.at("/folios/0/hits/0/line").isNull())
                .as("lines come first")
                .isFalse();
        assertThat(lit(found)).contains("mobile", "unit");
        assertThat(found.at("/folios/0/hits").toString()).contains("\"passage\":0");
    }

    @Test
    void endings_and_case_do_not_matter() throws Exception {
        file(desk, TALK);
        eventually(desk, "mobile");

        assertThat(lit(desk.read("/api/lamp?q={q}", "CHARGES").body())).contains("charge", "charging");
    }

    @Test
    void where_no_place_has_all_the_words_those_with_some_are_shown_and_that_is_said() throws Exception {
        file(desk, TALK);
        eventually(desk, "mobile");

        JsonNode found = desk.read("/api/lamp?q={q}", "mobile submarine").body();

        assertThat(found.at("/reach").asString()).isEqualTo("SOME");
        assertThat(lit(found)).contains("mobile");
    }

    @Test
    void a_draft_and_another_teams_folio_are_not_found() throws Exception {
        file(desk, TALK);
        eventually(desk, "mobile");
        String meeting = desk.meeting("Draft");
        desk.place(desk.drop("draft.txt", "Mira Voss: I'll polish the bollard.").text("/0/source/id"), meeting);
        desk.draft(meeting);

        assertThat(desk.read("/api/lamp?q={q}", "bollard").at("/total").asInt()).isZero();
        assertThat(otherTeam().read("/api/lamp?q={q}", "mobile").at("/total").asInt())
                .isZero();
    }

    @Test
    void signs_of_a_query_language_and_markup_do_no_harm() throws Exception {
        file(desk, TALK);
        eventually(desk, "mobile");

        for (String q : List.of("\"mobile unit", "((((", "* ?", "<script>alert(1)</script>", "~~ ++ --", "\\")) {
            assertThat(desk.read("/api/lamp?q={q}", q).status()).as(q).isEqualTo(200);
        }
        assertThat(desk.read("/api/lamp?q={q}", " ").status()).isEqualTo(400);
    }
}
