package org.ledgerlamp.trials.soak;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import org.ledgerlamp.trials.Member;
import org.ledgerlamp.trials.Member.Answer;

/** Many hand large transcripts in at once, while others go on reading. */
public final class Uploads {
    private static final int SIZE = 20_000_000;
    private static final int READERS = 10;
    private static final Duration WARMING_UP = Duration.ofSeconds(20);
    private static final double READ_WITHIN_SECONDS = 1;
    private static final int MEMORY_MB = 2200;
    private static final List<String> PAGES =
            List.of("/api/ledger", "/api/people", "/api/session", "/api/registers/ACTION", "/api/tray");

    private final Installation installation;
    private final int uploads;

    /** @param uploads how many at once */
    public Uploads(Installation installation, int uploads) {
        this.installation = installation;
        this.uploads = uploads;
    }

    /** Hands in and reads. */
    public Result run() throws Exception {
        Member first = installation.firstMember();
        List<byte[]> talks = talks();
        // An application that was just started is slow at everything: that is not what is asked here.
        letRead(first, new Readings(), Instant.now().plus(WARMING_UP));
        Readings readings = new Readings();
        Readings handedIn = new Readings();
        AtomicBoolean over = new AtomicBoolean();
        try (ExecutorService crowd = Executors.newVirtualThreadPerTaskExecutor()) {
            for (int i = 0; i < READERS; i++) {
                Member own = first.again();
                crowd.submit(() -> {
                    while (!over.get()) {
                        readAll(own, readings);
                    }
                    return null;
                });
            }
            List<Future<?>> all = new ArrayList<>();
            for (int i = 0; i < uploads; i++) {
                byte[] talk = talks.get(i);
                String name = "long-" + i + ".txt";
                Member own = first.again();
                all.add(crowd.submit(() -> {
                    handedIn.time(own, m -> {
                        Answer answer = m.drop(name, talk);
                        if (answer.status() != 200) {
                            throw new Member.NotDone(name, answer);
                        }
                    });
                    return null;
                }));
            }
            for (Future<?> one : all) {
                one.get();
            }
            over.set(true);
        }
        List<String> errors = new ArrayList<>(readings.errors());
        errors.addAll(handedIn.errors());
        long memory = installation.memoryMb();
        return new Result(
                uploads + " uploads of 20 MB at once beside " + READERS + " readers",
                "%d errors %s; all in after %.0f s; %d readings, p95 %.2f s (slowest: %s); process %d MB"
                        .formatted(
                                errors.size(),
                                errors.stream().limit(2).toList(),
                                handedIn.at(1),
                                readings.count(),
                                readings.at(0.95),
                                readings.slowest(),
                                memory),
                "no error, readers p95 below 1 s, heap below 1.5 GB (process below 2.2)",
                errors.isEmpty() && readings.at(0.95) < READ_WITHIN_SECONDS && memory < MEMORY_MB);
    }

    private static void letRead(Member first, Readings readings, Instant until) throws Exception {
        try (ExecutorService crowd = Executors.newVirtualThreadPerTaskExecutor()) {
            for (int i = 0; i < READERS; i++) {
                Member own = first.again();
                crowd.submit(() -> {
                    while (Instant.now().isBefore(until)) {
                        readAll(own, readings);
                    }
                    return null;
                });
            }
        }
    }

    private static void readAll(Member member, Readings readings) throws InterruptedException {
        for (String page : PAGES) {
            readings.read(member, page);
        }
    }

    /** One for each upload; they differ in their last letter. */
    private List<byte[]> talks() {
        ByteArrayOutputStream talk = new ByteArrayOutputStream(SIZE + 1000);
        for (int n = 0; talk.size() < SIZE; n++) {
            talk.writeBytes(
                    """
                    [%02d:%02d:%02d] Mira Voss: we talk about the crane and the paint of the Gannet and who orders it by \
                    Friday, number %d, and on and on until this line is long enough to fill the file with words
                    """
                            .formatted(n / 3600 % 24, n / 60 % 60, n % 60, n)
                            .getBytes(StandardCharsets.UTF_8));
        }
        List<byte[]> talks = new ArrayList<>();
        for (int i = 0; i < uploads; i++) {
            byte[] own = talk.toByteArray();
            own[own.length - 2] = (byte) ('a' + i % 26);
            talks.add(own);
        }
        return talks;
    }
}
