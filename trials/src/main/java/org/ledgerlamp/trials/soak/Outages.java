package org.ledgerlamp.trials.soak;

import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.trials.Member;
import org.ledgerlamp.trials.soak.Work.Losses;

/** The database goes away, hangs, or has no room left, while minutes are imported and drafted; then all is well again. */
public final class Outages {
    /** So much is begun for every second of trouble that there is still something to do afterwards. */
    private static final double DRAFTS_A_SECOND = 0.34;

    private static final double FILES_A_SECOND = 2.5;
    private static final Duration GOES_ON_WITHIN = Duration.ofSeconds(30);
    private static final Duration PATIENCE = Duration.ofMinutes(3);

    private final Installation installation;
    private final Duration howLong;
    private final @Nullable SmallDisk disk;
    private final int drafts;
    private final int files;

    /** @param disk what the installation's data lie on; null where there is none that can be filled */
    public Outages(Installation installation, Duration howLong, @Nullable SmallDisk disk) {
        this.installation = installation;
        this.howLong = howLong;
        this.disk = disk;
        this.drafts = (int) Math.ceil(DRAFTS_A_SECOND * howLong.toSeconds());
        this.files = (int) Math.ceil(FILES_A_SECOND * howLong.toSeconds());
    }

    private interface Trouble {
        void last(Instant until) throws IOException, InterruptedException;
    }

    /** Tries each. */
    public List<Result> run() throws Exception {
        List<Result> results = new ArrayList<>();
        results.add(during("database gone", until -> {
            while (Instant.now().isBefore(until)) {
                installation.killDatabase();
                TimeUnit.MILLISECONDS.sleep(100);
            }
        }));
        results.add(during("database hangs", until -> {
            installation.holdDatabase(true);
            TimeUnit.MILLISECONDS.sleep(Duration.between(Instant.now(), until).toMillis());
            installation.holdDatabase(false);
        }));
        if (disk == null) {
            results.add(new Result("disk full", "not tried: only root can have a disk of its own", wanted(), false));
        } else {
            results.add(during("disk full", until -> {
                while (Instant.now().isBefore(until)) {
                    disk.fill();
                    TimeUnit.MILLISECONDS.sleep(200);
                }
                disk.clear();
            }));
        }
        return results;
    }

    private static String wanted() {
        return "goes on by itself within " + GOES_ON_WITHIN.toSeconds() + " s, nothing lost";
    }

    private Result during(String name, Trouble trouble) throws Exception {
        Member member = installation.firstMember();
        Drafting drafting = new Drafting();
        Importing importing = new Importing(files);
        importing.doOne(member, (int) (Instant.now().getEpochSecond() % 1_000_000));
        for (int i = 0; i < drafts; i++) {
            drafting.doOne(member, i);
        }
        trouble.last(Instant.now().plus(howLong));
        Instant over = Instant.now();
        int before = progress(member, drafting, importing, over).orElse(0);
        Duration answers = Duration.between(over, Instant.now());
        while (before < drafts + files
                && progress(member, drafting, importing, over).orElse(0) <= before
                && Instant.now().isBefore(over.plus(PATIENCE))) {
            TimeUnit.MILLISECONDS.sleep(100);
        }
        Duration goesOn = Duration.between(over, Instant.now());
        Losses losses = drafting.check(member).and(importing.check(member));
        return new Result(
                name + " for " + howLong.toSeconds() + " s during import and drafting",
                "answers after %.1f s, goes on after %.1f s; %d lost, %d doubled, %d stuck"
                        .formatted(
                                answers.toMillis() / 1000.0,
                                goesOn.toMillis() / 1000.0,
                                losses.lost(),
                                losses.doubled(),
                                losses.stuck()),
                wanted(),
                goesOn.compareTo(GOES_ON_WITHIN) <= 0 && losses.equals(Losses.NONE));
    }

    /** How much of the work is done; nothing where the application does not answer for minutes. */
    private static Optional<Integer> progress(Member member, Drafting drafting, Importing importing, Instant over)
            throws InterruptedException {
        while (Instant.now().isBefore(over.plus(PATIENCE))) {
            try {
                return Optional.of(drafting.done(member) + importing.done(member));
            } catch (IOException notYet) {
                TimeUnit.MILLISECONDS.sleep(100);
            }
        }
        return Optional.empty();
    }
}
