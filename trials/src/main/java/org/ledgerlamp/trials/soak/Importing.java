package org.ledgerlamp.trials.soak;

import java.io.IOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.ledgerlamp.trials.Member;
import org.ledgerlamp.trials.Member.Answer;
import tools.jackson.databind.JsonNode;

/** Old minutes that were handed in and whose import was started. */
final class Importing implements Work {
    private record Started(String run, int files) {}

    private static final int BETWEEN_LOOKS_MS = 100;

    private final List<Started> started = new ArrayList<>();
    private final int files;

    /** @param files how many to an import */
    Importing(int files) {
        this.files = files;
    }

    @Override
    public String name() {
        return "imports started";
    }

    /** One after the other: a pile is handed in when those before are through. */
    @Override
    public void doOne(Member member, int number) throws IOException, InterruptedException {
        if (!started.isEmpty() && !isOver(member, started.getLast())) {
            TimeUnit.MILLISECONDS.sleep(BETWEEN_LOOKS_MS);
            return;
        }
        String run = member.send("POST", "/api/imports", Map.of("name", "Pile " + number))
                .at("/id")
                .asString();
        for (int i = 0; i < files; i++) {
            hand(member, run, "pile-" + number + "-" + i + ".md", minutes(number, i));
        }
        member.send("POST", "/api/imports/" + run + "/start", Map.of());
        started.add(new Started(run, files));
    }

    private static boolean isOver(Member member, Started one) throws IOException, InterruptedException {
        return member.json("/api/imports/" + one.run).at("/state").asString().equals("DONE");
    }

    private static String minutes(int number, int i) {
        return """
        # Dock round %d of pile %d, %d November 2025
        Present: Tom Reyes, Ana Prokop
        ## Decisions
        - The dock of round %d is swept weekly.
        ## Action items
        - Tom: order brooms by 1 December 2025
        """
                .formatted(i, number, 1 + (number * 7 + i) % 30, i);
    }

    private static void hand(Member member, String run, String path, String text)
            throws IOException, InterruptedException {
        Answer answer = member.attempt(
                "PUT",
                "/api/imports/" + run + "/files?path=" + path,
                "application/octet-stream",
                BodyPublishers.ofString(text));
        if (answer.status() >= 300) {
            throw new IOException("handing " + path + " in was answered with " + answer.status());
        }
    }

    @Override
    public int confirmed() {
        return started.size();
    }

    /** How many files have been brought in so far. */
    int done(Member member) throws IOException, InterruptedException {
        int done = 0;
        for (Started one : started) {
            for (JsonNode count : member.json("/api/imports/" + one.run).at("/counts")) {
                done += count.at("/state").asString().equals("FILED")
                        ? count.at("/files").asInt()
                        : 0;
            }
        }
        return done;
    }

    @Override
    public Losses check(Member member) throws IOException, InterruptedException {
        Losses all = Losses.NONE;
        Patience patience = new Patience();
        Map<Integer, Integer> folios = new HashMap<>();
        for (Started one : started) {
            boolean over = patience.until(() -> isOver(member, one));
            int filed = 0;
            for (JsonNode item :
                    member.json("/api/imports/" + one.run + "/items").at("/items")) {
                if (item.at("/state").asString().equals("FILED")) {
                    filed++;
                    folios.merge(item.at("/folio").asInt(), 1, Integer::sum);
                }
            }
            all = all.and(new Losses(over ? one.files - filed : 0, 0, over ? 0 : 1));
        }
        int doubled = (int) folios.values().stream().filter(n -> n > 1).count();
        return all.and(new Losses(0, doubled, 0));
    }
}
