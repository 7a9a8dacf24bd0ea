package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.StreamSupport;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Questions over two folios: the first settles a roller for the Skarness fender, the second tells that it is ordered. */
class AskTest extends WithTwoFolios {
    @BeforeEach
    void theIndexHasThem() {
        Awaitility.await()
                .until(() -> desk.read("/api/lamp?q={q}", "bollards Brae")
                                .at("/total")
                                .asInt()
                        > 1);
    }

    private JsonNode ask(Desk who, String question) throws Exception {
        Desk.Answer answer = who.create("/api/ask", "{\"question\":\"" + question + "\"}");
        assertThat(answer.status()).isEqualTo(200);
        return answer.body();
    }

    private static List<Integer> folios(JsonNode answer) {
        return StreamSupport.stream(answer.at("/statements").spliterator(), false)
                .flatMap(s -> StreamSupport.stream(s.at("/citations").spliterator(), false))
                .map(c -> c.at("/folio").asInt())
                .distinct()
                .toList();
    }

    @Test
    void an_answer_tells_the_folio_and_the_passage_each_statement_rests_on() throws Exception {
        JsonNode answer = ask(desk, "What did we decide about the Skarness fender?");

        assertThat(answer.at("/answered").asBoolean()).isTrue();
        assertThat(answer.at("/reading/aim").asString()).isEqualTo("DECISION");
        assertThat(answer.at("/reading/about").asString()).isEqualTo("Skarness fender");
        assertThat(answer.at("/statements").toString()).contains("roller");
        assertThat(folios(answer)).contains(1);
        assertThat(answer.at("/statements/0/citations/0/sourceId").isNull()).isFalse();
        assertThat(answer.at("/statements/0/citations/0/passage").isNumber()).isTrue();
    }

    @Test
    void what_somebody_still_has_to_do_comes_from_the_register() throws Exception {
        JsonNode answer = ask(desk, "what does Tom still owe us?");

        assertThat(answer.at("/statements").toString()).containsIgnoringCase("bollards");
        assertThat(answer.at("/statements/0/citations/0/line").isNumber()).isTrue();
    }

    @Test
    void who_was_there_and_what_a_month_brought_are_told_with_their_folios() throws Exception {
        assertThat(ask(desk, "who attended in March 2026?").at("/statements").toString())
                .contains("Ana Prokop", "Tom Reyes");
        assertThat(folios(ask(desk, "what happened in March 2026?"))).contains(2);
    }

    @Test
    void what_the_ledger_does_not_say_is_not_answered_and_the_nearest_places_are_given() throws Exception {
        JsonNode answer = ask(desk, "How much did the fender paint for the pilot boat cost?");

        assertThat(answer.at("/answered").asBoolean()).isFalse();
        assertThat(answer.at("/statements")).isNotEmpty();
    }

    @Test
    void a_part_of_the_reading_is_changed_and_asked_again() throws Exception {
        ObjectNode reading =
                (ObjectNode) ask(desk, "What did we decide about the roller?").at("/reading");
        reading.put("about", "bollards Brae");

        JsonNode answer = desk.create(
                        "/api/ask",
                        "{\"question\":\"What did we decide about the roller?\",\"reading\":" + reading + "}")
                .body();

        assertThat(answer.at("/reading/about").asString()).isEqualTo("bollards Brae");
        assertThat(folios(answer).getFirst()).isEqualTo(2);
    }

    @Test
    void a_question_may_lean_on_the_one_before_it() throws Exception {
        JsonNode first = ask(desk, "What did we decide about the Skarness fender?");

        JsonNode answer = desk.create(
                        "/api/ask",
                        "{\"question\":\"and who was against it?\",\"before\":" + first.at("/reading") + "}")
                .body();

        assertThat(answer.at("/reading/about").asString()).isEqualTo("Skarness fender");
        assertThat(answer.at("/reading/aim").asString()).isEqualTo("OBJECTION");
    }

    private JsonNode askIn(String where, String question) throws Exception {
        return desk.create("/api/ask", "{\"question\":\"" + question + "\",\"where\":" + where + "}")
                .body();
    }

    @Test
    void one_folio_is_asked_alone() throws Exception {
        String question = "What was said about the roller?";
        assertThat(folios(ask(desk, question))).contains(1, 2);

        assertThat(folios(askIn("{\"folio\":2,\"series\":null}", question))).containsOnly(2);
        assertThat(folios(askIn("{\"folio\":1,\"series\":null}", "what does Tom still owe us?")))
                .containsOnly(1);
        assertThat(askIn("{\"folio\":99,\"series\":null}", question)
                        .at("/status")
                        .asInt())
                .isEqualTo(404);
    }

    @Test
    void a_series_is_asked_alone_and_one_that_nobody_knows_says_nothing() throws Exception {
        String question = "what happened in March 2026?";

        assertThat(folios(askIn("{\"folio\":null,\"series\":\"Charging berth weekly\"}", question)))
                .contains(2);
        JsonNode nothing = askIn("{\"folio\":null,\"series\":\"Choir\"}", question);
        assertThat(nothing.at("/answered").asBoolean()).isFalse();
        assertThat(nothing.at("/statements")).isEmpty();
    }

    @Test
    void a_collection_is_asked_alone() throws Exception {
        String label = desk.create("/api/labels", "{\"sort\":\"COLLECTION\",\"name\":\"Fenders\"}")
                .text("/id");
        desk.create("/api/ledger/shelving", "{\"folios\":[1],\"ofArchived\":false,\"put\":\"" + label + "\"}");
        String question = "What was said about the roller?";

        assertThat(folios(askIn("{\"collection\":\"Fenders\"}", question))).containsOnly(1);
        assertThat(askIn("{\"collection\":\"Fend\"}", question).at("/answered").asBoolean())
                .isFalse();
    }

    @Test
    void reference_notes_are_asked_where_that_is_wanted() throws Exception {
        int note = desk.reference(
                        "crane.md",
                        "# Crane of the yard\n\nThe yard crane lifts 14 tonnes at the inner berth.\n"
                                .getBytes(StandardCharsets.UTF_8))
                .at("/folio")
                .asInt();
        String question = "How much does the yard crane lift?";
        Awaitility.await()
                .until(() ->
                        desk.read("/api/lamp?q={q}", "yard crane").at("/total").asInt() > 0);

        assertThat(ask(desk, question).at("/answered").asBoolean()).isFalse();

        JsonNode answer = askIn("{\"notes\":true}", question);
        assertThat(answer.at("/answered").asBoolean()).as(answer.toString()).isTrue();
        assertThat(answer.at("/statements/0/text").asString()).contains("14 tonnes");
        JsonNode place = answer.at("/statements/0/citations/0");
        assertThat(place.at("/folio").asInt()).isEqualTo(note);
        assertThat(desk.read("/api/references/{n}", note)
                        .at("/paragraphs/" + (place.at("/line").asInt() - 1) + "/text")
                        .asString())
                .contains("14 tonnes");
    }

    @Test
    void a_draft_is_asked_alone_and_what_is_struck_in_it_is_not_told() throws Exception {
        String meeting = desk.meeting("Yard call");
        desk.place(
                desk.drop(
                                "yard.txt",
                                "[00:00:03] Ana Prokop: I'll order the yard crane by Friday.\n[00:00:09] Tom Reyes: I'll measure the beam tomorrow.\n")
                        .text("/0/source/id"),
                meeting);
        JsonNode draft = desk.draft(meeting).body();
        String where = "{\"draft\":\"" + draft.at("/id").asString() + "\"}";

        JsonNode answer = askIn(where, "Who orders the yard crane?");

        assertThat(answer.at("/answered").asBoolean()).isTrue();
        assertThat(answer.at("/statements/0/citations/0/draft").asString())
                .isEqualTo(draft.at("/id").asString());
        assertThat(answer.at("/statements/0/citations/0/folio").isNull()).isTrue();
        assertThat(askIn(where, "What did we decide about the Skarness fender?")
                        .at("/answered")
                        .asBoolean())
                .isFalse();
        assertThat(askIn(where, "What has to be done?").at("/statements").toString())
                .contains("crane");
        for (JsonNode line : draft.at("/lines")) {
            if (line.at("/text").asString().contains("crane")) {
                change(line, facts(line.at("/kind").asString(), line.at("/text").asString(), null, "STRUCK"));
            }
        }
        assertThat(askIn(where, "What has to be done?").at("/statements").toString())
                .doesNotContain("crane");
        Desk.Answer elsewhere = otherTeam().create("/api/ask", "{\"question\":\"What?\",\"where\":" + where + "}");
        assertThat(elsewhere.status()).isEqualTo(404);
    }

    @Test
    void an_answer_goes_out_as_a_file_with_what_it_rests_on() throws Exception {
        String question = "{\"question\":\"What did we decide about the Skarness fender?\"}";

        String markdown = desk.file("/api/ask/file?form=md", question);

        assertThat(markdown)
                .startsWith("# What did we decide about the Skarness fender?")
                .contains("roller on the Skarness fender. (1.2, 2.2)", "folio 2", "What it rests on");
        assertThat(desk.file("/api/ask/file?form=csv", question))
                .startsWith("date,who or what,statement,folio,meeting,words\r\n2026-03-")
                .contains("Put a roller on the Skarness fender.,1.2,Charging berth weekly,");
        assertThat(desk.file("/api/ask/file?form=html", question)).contains("<title>What did we decide");
        assertThat(desk.file("/api/ask/file?form=pdf", question)).startsWith("%PDF-");
        assertThat(desk.file("/api/ask/file?form=docx", question)).startsWith("PK");
        assertThat(desk.create("/api/ask/file?form=exe", question).status()).isEqualTo(400);
    }

    @Test
    void another_team_gets_no_answer_no_passage_and_no_name() throws Exception {
        JsonNode answer = ask(otherTeam(), "What did Tom Reyes promise about the Skarness roller?");

        assertThat(answer.at("/answered").asBoolean()).isFalse();
        assertThat(answer.at("/statements")).isEmpty();
        assertThat(answer.at("/reading/people")).isEmpty();
    }

    @Test
    void a_reading_that_makes_no_sense_is_refused() throws Exception {
        String reading = ask(desk, "what about the roller?").at("/reading").toString();

        for (String wrong : List.of(
                reading.replace("\"people\":[]", "\"people\":[\"Nobody\"]"),
                reading.replace("\"from\":null", "\"from\":\"2026-03-01\""))) {
            Desk.Answer refused = desk.create("/api/ask", "{\"question\":\"q\",\"reading\":" + wrong + "}");
            Desk.Answer leaning = desk.create("/api/ask", "{\"question\":\"and?\",\"before\":" + wrong + "}");
            assertThat(leaning.status()).as(wrong).isEqualTo(400);
            assertThat(refused.status()).as(wrong).isEqualTo(400);
        }
        assertThat(desk.create("/api/ask", "{\"question\":\" \"}").status()).isEqualTo(400);
        assertThat(desk.create("/api/ask", "{\"question\":\"<script>' \\\\\\\" ((\"}")
                        .status())
                .isEqualTo(200);
    }
}
