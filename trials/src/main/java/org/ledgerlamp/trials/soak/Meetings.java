package org.ledgerlamp.trials.soak;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.trials.Member;
import tools.jackson.databind.JsonNode;

/** What one does again and again with meetings. */
final class Meetings {
    private Meetings() {}

    /** Makes a meeting of a day in March; its id. */
    static String make(Member member, String title) throws IOException, InterruptedException {
        return member.send(
                        "POST",
                        "/api/meetings",
                        Map.of(
                                "title",
                                title,
                                "date",
                                "2026-03-03",
                                "zone",
                                "Europe/Oslo",
                                "agenda",
                                List.of(),
                                "people",
                                List.of()))
                .at("/id")
                .asString();
    }

    /** A short talk in which something is decided and somebody takes something on. */
    static String talk(String about) {
        return """
        Mira: Right, about %1$s. Where are we?
        Ana: The yard says the fender of %1$s has to be replaced before the winter.
        Mira: We agreed to replace the fender of %1$s in October then.
        Tom: I'll order the fender for %1$s by Friday.
        Ana: The risk is that the yard has no room for %1$s in October.
        Mira: Good, thank you all.
        """
                .formatted(about);
    }

    /** Makes a meeting with a talk; its id. */
    static String withTalk(Member member, String title) throws IOException, InterruptedException {
        String meeting = make(member, title);
        String source = member.send("POST", "/api/tray/text", Map.of("name", title + ".txt", "text", talk(title)))
                .at("/source/id")
                .asString();
        member.send("PUT", "/api/sources/" + source + "/meeting", Map.of("meetingId", meeting));
        return meeting;
    }

    /** Orders a draft; answers as soon as it is accepted, with what the order is called. */
    static String order(Member member, String meeting) throws IOException, InterruptedException {
        return member.send("POST", "/api/meetings/" + meeting + "/minutes", Map.of())
                .at("/id")
                .asString();
    }

    /** Drafts, and waits for it; the id of the minutes. */
    static String drafted(Member member, String meeting) throws IOException, InterruptedException {
        JsonNode drafting = member.send("POST", "/api/meetings/" + meeting + "/minutes", Map.of());
        while (drafting.at("/minutesId").asString("").isEmpty()) {
            if (drafting.at("/state").asString().equals("FAILED")) {
                throw new IllegalStateException("not drafted: " + drafting);
            }
            TimeUnit.MILLISECONDS.sleep(300);
            drafting = member.json("/api/draftings/" + drafting.at("/id").asString());
        }
        return drafting.at("/minutesId").asString();
    }

    /** The id of the minutes that were ordered; null where they are not drafted yet. */
    static @Nullable String minutes(Member member, String order) throws IOException, InterruptedException {
        String minutes = member.json("/api/draftings/" + order).at("/minutesId").asString("");
        return minutes.isEmpty() ? null : minutes;
    }

    /** Files a draft as it stands; its folio. */
    static int file(Member member, String minutes) throws IOException, InterruptedException {
        return member.send("POST", "/api/minutes/" + minutes + "/folio", Map.of("asItStands", true))
                .at("/filing/folio")
                .asInt();
    }
}
