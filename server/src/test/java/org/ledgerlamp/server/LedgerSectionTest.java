package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.StreamSupport;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A section of a template asks the ledger: what earlier folios say stands in the draft, and names them. */
class LedgerSectionTest extends WithTwoFolios {
    private static final String ASKING =
            """
            {"name":"Asking back","kinds":[],"detail":"STANDARD","title":"{title}","file":"{date}","sections":[
             {"heading":"Actions","content":"ACTIONS","grouping":"NONE","form":"LIST","required":false,"text":""},
             {"heading":"Still owed","content":"FROM_LEDGER","grouping":"NONE","form":"LIST","required":true,
              "text":"what does Tom still owe us?"},
             {"heading":"The choir","content":"FROM_LEDGER","grouping":"NONE","form":"LIST","required":true,
              "text":"How much did the choir's new piano cost?"}]}
            """;

    private String meeting;

    @BeforeEach
    void aMeetingOfThatForm() throws Exception {
        Awaitility.await()
                .until(() -> desk.read("/api/lamp?q={q}", "bollards Brae")
                                .at("/total")
                                .asInt()
                        > 1);
        assertThat(desk.create("/api/templates", ASKING).status()).isLessThan(300);
        meeting = desk.meeting("Third");
        desk.place(
                desk.drop("third.txt", "Ana Prokop: I'll order new rope by Friday.\nTom Reyes: Good.\n")
                        .text("/0/source/id"),
                meeting);
        minutes = desk.drafted(desk.create("/api/meetings/{id}/minutes", "{\"template\":\"Asking back\"}", meeting))
                .text("/id");
    }

    private List<JsonNode> under(String section) throws Exception {
        return StreamSupport.stream(page().at("/lines").spliterator(), false)
                .filter(l -> l.at("/section").asString().equals(section))
                .toList();
    }

    @Test
    void what_the_ledger_says_stands_in_pencil_and_names_the_line_it_rests_on() throws Exception {
        assertThat(under("Still owed")).isNotEmpty().allSatisfy(line -> {
            assertThat(line.at("/state").asString()).isEqualTo("PENCIL");
            assertThat(line.at("/text").asString()).containsPattern("\\([12]\\.\\d+(, folio \\d)?\\)$");
        });
        assertThat(under("Still owed").toString()).containsIgnoringCase("bollards");
    }

    @Test
    void where_the_ledger_does_not_say_nothing_stands() throws Exception {
        assertThat(under("The choir")).isEmpty();
    }

    @Test
    void a_template_is_tried_with_what_the_ledger_says() throws Exception {
        String tried = desk.create(
                        "/api/templates/preview", "{\"meetingId\":\"" + meeting + "\",\"template\":" + ASKING + "}")
                .body()
                .toString();

        assertThat(tried).contains("Still owed").containsIgnoringCase("bollards");
    }

    @Test
    void a_line_in_ink_stays_and_is_not_drafted_a_second_time() throws Exception {
        JsonNode owed = under("Still owed").getFirst();
        change(owed, facts("ANSWER", owed.at("/text").asString(), null, "INK"));

        desk.drafted(desk.create("/api/meetings/{id}/minutes", "{\"template\":null}", meeting));

        assertThat(under("Still owed").stream().filter(l -> l.at("/text").equals(owed.at("/text"))))
                .singleElement()
                .satisfies(l -> assertThat(l.at("/state").asString()).isEqualTo("INK"));
    }

    @Test
    void filed_it_is_a_citation_of_the_earlier_line() throws Exception {
        String text = under("Still owed").getFirst().at("/text").asString();
        String cited = text.replaceFirst("(?s).*\\((\\d\\.\\d+)\\)$", "$1");
        desk.create("/api/minutes/{id}/folio", "{\"asItStands\":true}", minutes);

        String home = desk.read("/api/folios/{n}", cited.substring(0, 1)).text("/meeting/id");
        assertThat(desk.read("/api/citations?home={h}", home).at("/citedBy"))
                .anyMatch(by -> by.at("/folio").asInt() == 3);
    }
}
