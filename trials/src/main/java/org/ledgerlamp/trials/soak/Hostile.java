package org.ledgerlamp.trials.soak;

import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.ledgerlamp.trials.Member;
import org.ledgerlamp.trials.Member.Answer;
import org.springframework.core.io.ClassPathResource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Damaged files of every format through the tray: each is answered soon, and never with a failure of the application. */
public final class Hostile {
    private static final int AT_ONCE = 4;
    private static final int SERVER_ERROR = 500;
    private static final double WITHIN_SECONDS = 5;
    private static final List<String> TALKS = List.of(
            "weekly-a.vtt", "weekly-e.srt", "berth-weekly-2.txt", "norrvik-call-2.json", "berth-weekly-3-notes.txt");
    private static final List<String> PAPERS = List.of("md", "html", "docx", "pdf", "json", "txt", "eml");

    private final Installation installation;
    private final int files;
    private final long seed;

    /**
     * @param installation with the demo's data: what it exports is damaged too
     * @param seed the damage follows from it
     */
    public Hostile(Installation installation, int files, long seed) {
        this.installation = installation;
        this.files = files;
        this.seed = seed;
    }

    /** Hands them in. */
    public Result run() throws Exception {
        Member first = installation.firstMember();
        Map<String, byte[]> samples = samples(first);
        List<String> names = List.copyOf(samples.keySet());
        Readings handedIn = new Readings();
        AtomicInteger next = new AtomicInteger();
        AtomicInteger refused = new AtomicInteger();
        List<String> errors = new ArrayList<>();
        try (ExecutorService hands = Executors.newFixedThreadPool(AT_ONCE)) {
            List<Future<?>> all = new ArrayList<>();
            for (int i = 0; i < AT_ONCE; i++) {
                Member own = first.again();
                all.add(hands.submit(() -> {
                    for (int n = next.getAndIncrement(); n < files; n = next.getAndIncrement()) {
                        String name = names.get(n % names.size());
                        byte[] damaged = new Damage(seed + n).done(samples.get(name));
                        int number = n;
                        handedIn.time(own, m -> refused.addAndGet(handIn(m, number + "-" + name, damaged) ? 0 : 1));
                    }
                    return null;
                }));
            }
            for (Future<?> one : all) {
                one.get();
            }
        }
        errors.addAll(handedIn.errors());
        return new Result(
                "%,d damaged files of %d kinds through the tray".formatted(files, names.size()),
                "%d errors %s; slowest %.1f s, p95 %.2f s; %d could not be read"
                        .formatted(
                                errors.size(),
                                errors.stream().limit(3).toList(),
                                handedIn.at(1),
                                handedIn.at(0.95),
                                refused.get()),
                "no 5xx, each within 5 s",
                errors.isEmpty() && handedIn.at(1) <= WITHIN_SECONDS);
    }

    private static Map<String, byte[]> samples(Member member) throws IOException, InterruptedException {
        Map<String, byte[]> samples = new LinkedHashMap<>();
        for (String talk : TALKS) {
            samples.put(talk, new ClassPathResource("demo/" + talk).getContentAsByteArray());
        }
        for (String form : PAPERS) {
            samples.put("folio." + form, member.bytes("/api/folios/1/paper?passages=true&form=" + form));
        }
        samples.put("actions.ics", member.bytes("/api/folios/1/actions?form=ics"));
        samples.put("actions.csv", member.bytes("/api/folios/1/actions?form=csv"));
        return samples;
    }

    /** Hands one in and waits until it is read; whether it could be. It is thrown away then, so that the tray stays short. */
    private static boolean handIn(Member member, String name, byte[] file) throws IOException, InterruptedException {
        Answer answer = member.drop(name, file);
        if (answer.status() >= SERVER_ERROR) {
            throw new Member.NotDone(name, answer);
        }
        if (answer.status() >= 300) {
            return false;
        }
        JsonNode source = JsonMapper.shared().readTree(answer.body()).at("/0/source");
        String at = "/api/sources/" + source.at("/id").asString();
        while (source.at("/state").asString().equals("KEPT")) {
            TimeUnit.MILLISECONDS.sleep(50);
            source = member.json(at);
        }
        member.send("DELETE", at, Map.of());
        return source.at("/state").asString().equals("READ");
    }
}
