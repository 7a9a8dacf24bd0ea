package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A folio says what became of what earlier ones left open; a person inks it or dismisses it. */
class LinksTest extends WithTwoFolios {
    @Test
    void what_is_said_of_an_earlier_action_is_found_with_its_words_and_stands_in_pencil() throws Exception {
        JsonNode said = said();

        assertThat(said.at("/effect").asString()).isEqualTo("DONE");
        assertThat(said.at("/state").asString()).isIn("PENCIL", "POSSIBLE");
        assertThat(said.at("/earlier/folio").asInt()).isEqualTo(1);
        assertThat(said.at("/evidence/0/quote").asString()).contains("roller");
        assertThat(links(1).at("/said/0/later/folio").asInt()).isEqualTo(2);
        assertThat(register("ACTION", "open=true"))
                .extracting(e -> e.at("/folio").asInt())
                .contains(1);
    }

    @Test
    void inking_it_closes_the_action_as_of_the_later_meeting_and_can_be_undone() throws Exception {
        Desk.Answer inked = turn(said(), "INK");

        assertThat(inked.text("/state")).isEqualTo("INK");
        assertThat(register("ACTION", "open=true"))
                .extracting(e -> e.at("/folio").asInt())
                .doesNotContain(1);
        assertThat(register("ACTION", "open=false"))
                .filteredOn(e -> e.at("/folio").asInt() == 1)
                .singleElement()
                .satisfies(e -> assertThat(e.at("/standing").asString()).isEqualTo("DONE"));

        turn(inked.body(), "PENCIL");
        assertThat(register("ACTION", "open=true"))
                .extracting(e -> e.at("/folio").asInt())
                .contains(1);
    }

    @Test
    void what_is_dismissed_is_kept_aside_and_said_of_the_earlier_line_no_more() throws Exception {
        assertThat(links(1).at("/said"))
                .anyMatch(l -> l.at("/earlier/kind").asString().equals("ACTION"));

        turn(said(), "STRUCK");

        assertThat(said().at("/state").asString()).isEqualTo("STRUCK");
        assertThat(links(1).at("/said"))
                .noneMatch(l -> l.at("/earlier/kind").asString().equals("ACTION"));
    }

    @Test
    void two_who_turn_it_at_once_do_not_undo_each_other() throws Exception {
        JsonNode said = said();
        turn(said, "INK");

        assertThat(turn(said, "STRUCK").status()).isEqualTo(412);
        assertThat(said().at("/state").asString()).isEqualTo("INK");
    }

    @Test
    void a_folio_taken_back_says_nothing_and_says_it_again_once_it_is_filed() throws Exception {
        desk.remove("/api/folios/{number}", 2);
        assertThat(links(1).at("/said")).isEmpty();

        desk.create("/api/minutes/{id}/folio", "{}", minutes);
        Awaitility.await().until(() -> links(2).at("/linked").asBoolean());
        assertThat(said().at("/effect").asString()).isEqualTo("DONE");
    }

    @Test
    void nothing_of_it_is_shown_to_another_team() throws Exception {
        Desk other = otherTeam();

        assertThat(other.read("/api/folios/{number}/links", 2).status()).isEqualTo(404);
        JsonNode said = said();
        assertThat(other.write(
                                "/api/links/{id}",
                                said.at("/version").asInt(),
                                "{\"state\":\"INK\"}",
                                said.at("/id").asString())
                        .status())
                .isEqualTo(404);
        assertThat(other.read("/api/registers/ACTION").at("/entries")).isEmpty();
    }
}
