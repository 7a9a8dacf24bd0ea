package org.ledgerlamp.server;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import tools.jackson.databind.JsonNode;

/** Starts with the draft of a short talk on the desk. */
abstract class WithDraft extends ServerTest {
    static final String TALK =
            """
            [00:00:03] Mira Voss: Shall we put a roller on the Skarness fender?
            [00:00:09] Ana Prokop: Yes, let's do that.
            [00:00:12] Tom Reyes: Agreed. I'll order the roller by Friday.
            [00:00:20] Mira Voss: The risk is that the cable wears through before it comes.
            [00:00:30] Ana Prokop: Who insures the mobile unit, does anybody know?
            [00:00:36] Tom Reyes: No idea.
            """;

    String tom;
    String minutes;

    @BeforeEach
    void draft() throws Exception {
        String mira = desk.person("Mira Voss");
        tom = desk.person("Tom Reyes");
        String ana = desk.person("Ana Prokop");
        minutes = draftOf(desk.meeting("Charging berth weekly", mira, tom, ana));
    }

    String draftOf(String meeting) throws Exception {
        String source = desk.drop("talk.txt", TALK).text("/0/source/id");
        desk.place(source, meeting);
        return desk.draft(meeting).text("/id");
    }

    JsonNode page() throws Exception {
        return desk.read("/api/minutes/{id}", minutes).body();
    }

    JsonNode line(String kind) throws Exception {
        for (JsonNode line : page().at("/lines")) {
            if (line.at("/kind").asString().equals(kind)) {
                return line;
            }
        }
        throw new AssertionError("no line of kind " + kind + " in " + page().at("/lines"));
    }

    static String facts(String kind, String text, String owner, String state) {
        return "{\"kind\":\"%s\",\"text\":\"%s\",\"ownerId\":%s,\"due\":null,\"state\":\"%s\"}"
                .formatted(kind, text, owner == null ? "null" : "\"" + owner + "\"", state);
    }

    Desk.Answer change(JsonNode line, String facts) throws Exception {
        return desk.write(
                "/api/lines/{id}",
                line.at("/version").asInt(),
                facts,
                line.at("/id").asString());
    }

    void inkAll() throws Exception {
        for (JsonNode line : page().at("/lines")) {
            if (line.at("/state").asString().equals("PENCIL")) {
                change(line, facts(line.at("/kind").asString(), "A line in ink", null, "INK"));
            }
        }
    }

    static List<String> texts(JsonNode lines, String kind) {
        List<String> texts = new ArrayList<>();
        for (JsonNode line : lines) {
            if (line.at("/kind").asString().equals(kind)) {
                texts.add(line.at("/text").asString());
            }
        }
        return texts;
    }
}
