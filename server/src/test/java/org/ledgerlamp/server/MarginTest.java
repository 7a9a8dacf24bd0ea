package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The private margin: another member of the same team looks for it by every way there is. */
class MarginTest extends WithDraft {
    private static final String SECRET = "marzipan";

    private String meeting;

    @BeforeEach
    void note() throws Exception {
        meeting = page().at("/meeting/id").asString();
        Desk.Answer written =
                desk.write("/api/meetings/{id}/margin", 0, "{\"text\":\"ask about " + SECRET + "\"}", meeting);
        assertThat(written.status()).isEqualTo(200);
    }

    @Test
    void is_given_back_to_its_author() throws Exception {
        assertThat(desk.read("/api/meetings/{id}/margin", meeting).text("/text"))
                .contains(SECRET);
    }

    @Test
    void is_not_overwritten_from_a_second_window_of_its_author() throws Exception {
        Desk.Answer late = desk.write("/api/meetings/{id}/margin", 0, "{\"text\":\"other\"}", meeting);

        assertThat(late.status()).isEqualTo(412);
        assertThat(late.text("/current/text")).contains(SECRET);
    }

    @Test
    void is_another_one_for_everybody_else() throws Exception {
        Desk ana = colleague("Ana Prokop");

        assertThat(ana.read("/api/meetings/{id}/margin", meeting).text("/text")).isEmpty();
        ana.write("/api/meetings/{id}/margin", 0, "{\"text\":\"mine\"}", meeting);
        assertThat(desk.read("/api/meetings/{id}/margin", meeting).text("/text"))
                .contains(SECRET)
                .doesNotContain("mine");
    }

    @Test
    void is_in_no_view_no_search_and_no_minutes_of_anybody_else() throws Exception {
        desk.type(meeting, "D: keep the roller");
        desk.draft(meeting);
        for (var line : page().at("/lines")) {
            if (line.at("/state").asString().equals("PENCIL")) {
                change(line, facts(line.at("/kind").asString(), line.at("/text").asString(), null, "INK"));
            }
        }
        Desk.Answer filed = desk.create("/api/minutes/{id}/folio", "{}", minutes);
        assertThat(filed.status()).isLessThan(300);
        Desk ana = colleague("Ana Prokop");
        Awaitility.await()
                .until(
                        () -> ana.read("/api/lamp?q={q}", "roller").body().toString(),
                        found -> found.contains("roller"));

        for (String path : List.of(
                "/api/meetings?from=2026-03-01&to=2026-03-31",
                "/api/meetings/" + meeting,
                "/api/meetings/" + meeting + "/page",
                "/api/meetings/" + meeting + "/matters",
                "/api/minutes/" + minutes,
                "/api/folios/" + filed.text("/filing/folio"),
                "/api/day?date=2026-03-03",
                "/api/tray",
                "/api/ledger")) {
            assertThat(ana.read(path).body().toString()).as(path).doesNotContain(SECRET);
        }
        assertThat(ana.read("/api/lamp?q=" + SECRET).at("/total").asInt()).isZero();
    }
}
