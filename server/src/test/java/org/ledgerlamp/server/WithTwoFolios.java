package org.ledgerlamp.server;

import java.util.List;
import java.util.stream.StreamSupport;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.BeforeEach;
import tools.jackson.databind.JsonNode;

/** Starts with two folios of one series: in the second, people come back to what they settled and promised in the first. */
abstract class WithTwoFolios extends WithDraft {
    private static final String LATER_TALK =
            """
            [00:00:03] Mira Voss: Right, from last time. The roller for the Skarness fender, Tom?
            [00:00:09] Tom Reyes: The roller is ordered, I ordered it on Friday, for the Skarness fender.
            [00:00:14] Ana Prokop: We should paint the bollards at Brae.
            [00:00:20] Tom Reyes: Agreed. I'll paint the bollards by Thursday.
            """;

    @BeforeEach
    void fileTwo() throws Exception {
        file(minutes);
        String meeting = desk.create(
                        "/api/meetings",
                        """
                        {"title":"Later","date":"2026-03-10","zone":"Europe/Oslo","series":"Charging berth weekly","agenda":[],"people":[]}
                        """)
                .text("/id");
        desk.place(desk.drop("later.txt", LATER_TALK).text("/0/source/id"), meeting);
        minutes = desk.draft(meeting).text("/id");
        file(minutes);
        Awaitility.await().until(() -> links(2).at("/linked").asBoolean());
    }

    /** Inks all that is in pencil as it is, and files. */
    private void file(String draft) throws Exception {
        for (JsonNode line : desk.read("/api/minutes/{id}", draft).at("/lines")) {
            if (line.at("/state").asString().equals("PENCIL")) {
                String owner = line.at("/kind").asString().equals("ACTION") ? tom : null;
                change(line, facts(line.at("/kind").asString(), line.at("/text").asString(), owner, "INK"));
            }
        }
        desk.create("/api/minutes/{id}/folio", "{}", draft);
    }

    Desk.Answer links(int folio) throws Exception {
        return desk.read("/api/folios/{number}/links", folio);
    }

    /** What the second folio says of the action of the first. */
    JsonNode said() throws Exception {
        return StreamSupport.stream(links(2).at("/says").spliterator(), false)
                .filter(l -> l.at("/earlier/kind").asString().equals("ACTION"))
                .findFirst()
                .orElseThrow();
    }

    Desk.Answer turn(JsonNode link, String state) throws Exception {
        return desk.write(
                "/api/links/{id}",
                link.at("/version").asInt(),
                "{\"state\":\"" + state + "\"}",
                link.at("/id").asString());
    }

    /** The entries of a register. */
    List<JsonNode> register(String kind, String query) throws Exception {
        return StreamSupport.stream(
                        desk.read("/api/registers/" + kind + "?" + query)
                                .at("/entries")
                                .spliterator(),
                        false)
                .toList();
    }
}
