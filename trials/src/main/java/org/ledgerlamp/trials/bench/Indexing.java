package org.ledgerlamp.trials.bench;

import java.io.IOException;
import java.io.PrintStream;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.ledgerlamp.trials.Member;
import tools.jackson.databind.JsonNode;

/** The search index of an installation. */
final class Indexing {
    private Indexing() {}

    /**
     * Waits until the index has everything, and says how fast it was written.
     *
     * @param anew whether it is to be written anew first
     */
    static void await(Member member, boolean anew, PrintStream out) throws IOException, InterruptedException {
        long start = System.nanoTime();
        if (anew) {
            member.send("POST", "/api/search-index/rebuild", Map.of());
        }
        JsonNode state = member.json("/api/search-index");
        while (state.at("/endedAt").isNull() || state.at("/waiting").asInt() > 0) {
            TimeUnit.MILLISECONDS.sleep(200);
            state = member.json("/api/search-index");
        }
        if (anew) {
            double seconds = (System.nanoTime() - start) / 1e9;
            long written = state.at("/written").asLong();
            out.printf(
                    "%-34s %8.0f places a second (%,d in %.0f s)%n",
                    "rebuilding the index", written / seconds, written, seconds);
        }
    }
}
