package org.ledgerlamp.trials.soak;

import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import org.ledgerlamp.trials.Member;

/** Many members at once, each with something else on their mind: most read, some search and ask, a few draft and file. */
public final class Crowd {
    private static final double READ_WITHIN_SECONDS = 0.5;
    private static final int LONGEST_PAUSE_MS = 2000;
    private static final List<String> WORDS =
            List.of("trench", "charger", "lifebuoys", "Norrvik", "cable", "budget", "ramp", "battery");

    private final Installation installation;
    private final int members;
    private final Duration howLong;
    private Readings reading = new Readings();
    private Readings searching = new Readings();
    private Readings asking = new Readings();
    private Readings drafting = new Readings();

    /** @param installation with the demo's data */
    public Crowd(Installation installation, int members, Duration howLong) {
        this.installation = installation;
        this.members = members;
        this.howLong = howLong;
    }

    /** Lets them in, and watches. */
    public Result run() throws Exception {
        Member first = installation.firstMember();
        List<Member> all = new ArrayList<>(List.of(first));
        for (int i = 1; i < members; i++) {
            all.add(invited(first, i));
        }
        // An application that was just started is slow at everything: that is not what is asked here.
        letIn(all, howLong);
        reading = new Readings();
        searching = new Readings();
        asking = new Readings();
        drafting = new Readings();
        letIn(all, howLong);
        List<String> errors = new ArrayList<>();
        List.of(reading, searching, asking, drafting).forEach(r -> errors.addAll(r.errors()));
        return new Result(
                members + " members at once for " + howLong.toSeconds() + " s, a second's thought between",
                "%d errors %s; p95: reading %.2f s (%d, slowest: %s), searching %.2f s, asking %.2f s, draft and file %.1f s (%d)"
                        .formatted(
                                errors.size(),
                                errors.stream().limit(2).toList(),
                                reading.at(0.95),
                                reading.count(),
                                reading.slowest(),
                                searching.at(0.95),
                                asking.at(0.95),
                                drafting.at(0.95),
                                drafting.count()),
                "no error, reading p95 below 0.5 s",
                errors.isEmpty() && reading.at(0.95) < READ_WITHIN_SECONDS);
    }

    private void letIn(List<Member> all, Duration time) throws Exception {
        Instant until = Instant.now().plus(time);
        try (ExecutorService crowd = Executors.newVirtualThreadPerTaskExecutor()) {
            List<Future<?>> each = new ArrayList<>();
            for (int i = 0; i < all.size(); i++) {
                Member member = all.get(i);
                Random random = new Random(i);
                each.add(crowd.submit(() -> {
                    for (int n = 0; Instant.now().isBefore(until); n++) {
                        one(member, random, n);
                        TimeUnit.MILLISECONDS.sleep(random.nextInt(LONGEST_PAUSE_MS));
                    }
                    return null;
                }));
            }
            for (Future<?> one : each) {
                one.get();
            }
        }
    }

    private Member invited(Member first, int number) throws IOException, InterruptedException {
        String email = "member-" + number + "@skerry.example";
        String link = first.send(
                        "POST",
                        "/api/members",
                        Map.of("name", "Member " + number, "email", email, "role", "TAKES_PART", "byMail", false))
                .at("/link")
                .asString();
        String password = "gangway " + number + " at low tide";
        Member member = new Member(installation.address());
        member.read("/api/session");
        member.send("POST", "/api/welcome/" + link.substring(link.lastIndexOf('/') + 1), Map.of("password", password));
        return member.signIn(email, password);
    }

    private void one(Member member, Random random, int n) throws InterruptedException {
        String word = WORDS.get(random.nextInt(WORDS.size()));
        int wish = random.nextInt(100);
        if (wish < 40) {
            reading.read(member, "/api/folios/" + (1 + random.nextInt(12)));
        } else if (wish < 70) {
            List<String> pages = List.of(
                    "/api/ledger", "/api/day?date=2026-03-03", "/api/registers/ACTION", "/api/tray", "/api/people");
            reading.read(member, pages.get(random.nextInt(pages.size())));
        } else if (wish < 82) {
            searching.read(member, "/api/lamp?q=" + word);
        } else if (wish < 92) {
            asking.time(
                    member,
                    m -> m.send("POST", "/api/ask", Map.of("question", "What did we decide about the " + word + "?")));
        } else {
            String title = "the " + word + ", round " + n + " of " + random.nextInt(1_000_000);
            drafting.time(member, m -> Meetings.file(m, Meetings.drafted(m, Meetings.withTalk(m, title))));
        }
    }
}
