package org.ledgerlamp.trials.soak;

import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.ledgerlamp.trials.Member;

/** Lines typed on a page of notes. */
final class Typing implements Work {
    private final Map<String, String> confirmed = new LinkedHashMap<>();
    private final String meeting;

    Typing(Member member) throws IOException, InterruptedException {
        meeting = Meetings.make(member, "A page of notes");
    }

    @Override
    public String name() {
        return "lines typed";
    }

    @Override
    public void doOne(Member member, int number) throws IOException, InterruptedException {
        String name = UUID.randomUUID().toString();
        String text = "A: Tom, line " + number + " by Friday";
        Map<String, Object> line = Map.of(
                "name",
                name,
                "stamp",
                1,
                "position",
                number,
                "indent",
                0,
                "text",
                text,
                "typedAt",
                "2026-11-27T10:00:00Z",
                "removed",
                false);
        member.send("PUT", "/api/meetings/" + meeting + "/page", Map.of("lines", List.of(line)));
        confirmed.put(name, text);
    }

    @Override
    public int confirmed() {
        return confirmed.size();
    }

    @Override
    public Losses check(Member member) throws IOException, InterruptedException {
        Map<String, Integer> there = new LinkedHashMap<>();
        member.json("/api/meetings/" + meeting + "/page")
                .at("/lines")
                .forEach(l ->
                        there.merge(l.at("/name").asString() + l.at("/text").asString(), 1, Integer::sum));
        int lost = 0;
        int doubled = 0;
        for (Map.Entry<String, String> line : confirmed.entrySet()) {
            int times = there.getOrDefault(line.getKey() + line.getValue(), 0);
            lost += times == 0 ? 1 : 0;
            doubled += times > 1 ? 1 : 0;
        }
        return new Losses(lost, doubled, 0);
    }
}
