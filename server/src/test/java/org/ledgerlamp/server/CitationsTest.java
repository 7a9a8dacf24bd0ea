package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A line's number, written anywhere, leads to that line; and the line tells who cites it. */
class CitationsTest extends WithTwoFolios {
    private String home;
    private JsonNode cited;
    private String number;

    @BeforeEach
    void whatIsCited() throws Exception {
        home = desk.read("/api/folios/1").text("/meeting/id");
        for (JsonNode line : desk.read("/api/folios/1").at("/lines")) {
            if (line.at("/kind").asString().equals("ACTION")
                    && line.at("/state").asString().equals("INK")) {
                cited = line;
            }
        }
        number = "1." + cited.at("/number").asInt();
    }

    private JsonNode citedBy(Desk by) throws Exception {
        return by.read("/api/citations?home={h}", home).at("/citedBy");
    }

    private void remark(String text) throws Exception {
        desk.create(
                "/api/meetings/{id}/remarks",
                "{\"line\":\"" + UUID.randomUUID() + "\",\"text\":\"" + text + "\"}",
                desk.read("/api/folios/2").text("/meeting/id"));
    }

    @Test
    void a_number_amended_into_a_line_leads_there_and_back() throws Exception {
        JsonNode line = line("ACTION");
        change(line, facts("ACTION", "Tom Reyes to paint the bollards, see " + number + ".", tom, "INK"));

        JsonNode cites = desk.read("/api/citations/at?place={p}", line.at("/id").asString())
                .body();
        assertThat(cites).hasSize(1);
        assertThat(cites.at("/0/folio").asInt()).isEqualTo(1);
        assertThat(cites.at("/0/text").asString()).isEqualTo(cited.at("/text").asString());
        assertThat(citedBy(desk)).hasSize(1);
        assertThat(citedBy(desk).at("/0/folio").asInt()).isEqualTo(2);

        change(line("ACTION"), facts("ACTION", "Tom Reyes to paint the bollards.", tom, "INK"));
        assertThat(citedBy(desk)).isEmpty();
    }

    @Test
    void a_remark_cites_and_a_number_of_no_line_does_not() throws Exception {
        remark("Compare " + number + ", and 1.99 and 77.1 and 1.1 percent");

        assertThat(citedBy(desk)).hasSize(1);
        assertThat(citedBy(desk).at("/0/place").asString()).isEqualTo("REMARK");
        assertThat(citedBy(desk).at("/0/text").asString()).startsWith("Compare");
    }

    @Test
    void what_a_private_margin_cites_is_shown_to_its_author_alone() throws Exception {
        String meeting = desk.read("/api/folios/2").text("/meeting/id");
        int version =
                desk.read("/api/meetings/{id}/margin", meeting).at("/version").asInt();
        String margin = desk.write(
                        "/api/meetings/{id}/margin", version, "{\"text\":\"ask about " + number + "\"}", meeting)
                .text("/id");

        assertThat(citedBy(desk)).hasSize(1);
        assertThat(citedBy(colleague("Ana Prokop"))).isEmpty();
        assertThat(desk.read("/api/citations/at?place={p}", margin).body()).hasSize(1);
        assertThat(colleague("Ben Holt")
                        .read("/api/citations/at?place={p}", margin)
                        .body())
                .isEmpty();
    }

    @Test
    void a_reference_note_cites_and_is_cited_like_a_folio() throws Exception {
        Desk.Answer note = desk.reference(
                "rules-2026-02-01.md",
                ("# Mooring rules\n\nSee " + number + " first.\n").getBytes(StandardCharsets.UTF_8));
        assertThat(note.at("/folio").asInt()).isEqualTo(3);
        assertThat(citedBy(desk).at("/0/folio").asInt()).isEqualTo(3);

        remark("The rule is 3.2");
        JsonNode by = desk.read("/api/citations?home={h}", note.text("/id")).at("/citedBy");
        assertThat(by).hasSize(1);
        assertThat(by.at("/0/line").asString()).isEqualTo(note.text("/paragraphs/1/id"));
    }

    @Test
    void a_line_that_gets_another_number_is_led_to_by_that_one_and_the_words_stay() throws Exception {
        remark("Compare " + number);
        String remarked = desk.read(
                        "/api/meetings/{id}/remarks", desk.read("/api/folios/2").text("/meeting/id"))
                .text("/0/id");
        desk.remove("/api/folios/{n}", 1);
        String draft = "";
        for (JsonNode d : desk.read("/api/day?date=2026-03-03").at("/drafts")) {
            draft = d.at("/minutesId").asString();
        }
        assertThat(desk.read("/api/citations/at?place={p}", remarked)
                        .at("/0/folio")
                        .isNull())
                .isTrue();

        desk.create(
                "/api/minutes/{id}/lines",
                "{\"facts\":" + facts("SUMMARY", "In short.", null, "INK") + ",\"after\":null,\"evidence\":[]}",
                draft);
        desk.create("/api/minutes/{id}/folio", "{}", draft);

        JsonNode cites = desk.read("/api/citations/at?place={p}", remarked).body();
        assertThat(cites.at("/0/written").asString()).isEqualTo(number);
        assertThat(cites.at("/0/number").asInt())
                .isNotEqualTo(cited.at("/number").asInt());
        assertThat(cites.at("/0/text").asString()).isEqualTo(cited.at("/text").asString());
    }

    @Test
    void nothing_is_cited_from_or_to_another_team() throws Exception {
        remark("Compare " + number);

        assertThat(citedBy(otherTeam())).isEmpty();
    }
}
