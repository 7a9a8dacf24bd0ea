package org.ledgerlamp.trials.soak;

import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import org.ledgerlamp.standins.MailPartner;
import org.ledgerlamp.trials.Member;
import org.ledgerlamp.trials.Member.NotDone;
import org.ledgerlamp.trials.soak.Work.Losses;

/**
 * Application and database are killed without warning, over and over, while members type, draft, import, file and circulate.
 * Whatever was confirmed must be there afterwards, once.
 */
public final class Kills {
    private static final int FIRST_MS = 200;
    private static final int SPREAD_MS = 5000;
    private static final int FILES_AN_IMPORT = 6;
    private static final int AWAY = 503;

    private final Installation installation;
    private final Random random;
    /** What went wrong that no kill explains. */
    private final AtomicReference<Exception> unexpected = new AtomicReference<>();

    /** @param seed the moments of the kills follow from it */
    public Kills(Installation installation, long seed) {
        this.installation = installation;
        this.random = new Random(seed);
    }

    /**
     * Kills and looks.
     *
     * @param most how often
     * @param until no more after this moment
     */
    public Result run(int most, Instant until) throws Exception {
        try (MailPartner mail = new MailPartner(0)) {
            Member member = installation.firstMember();
            List<Work> works = List.of(
                    new Typing(member),
                    new Drafting(),
                    new Importing(FILES_AN_IMPORT),
                    new Filing(),
                    new Circulating(member, mail));
            int kills = 0;
            while (kills < most && Instant.now().isBefore(until)) {
                List<Thread> hands = new ArrayList<>();
                for (Work work : works) {
                    int begin = 1000 * kills;
                    Member own = member.again();
                    hands.add(Thread.ofPlatform().start(() -> work(work, own, begin)));
                }
                // The one wait for a time: a kill comes when it comes.
                TimeUnit.MILLISECONDS.sleep(FIRST_MS + random.nextInt(SPREAD_MS));
                killOneOrBoth(kills);
                for (Thread hand : hands) {
                    hand.join(Duration.ofMinutes(2));
                }
                kills++;
                installation.start();
            }
            return result(kills, works, member);
        }
    }

    private void killOneOrBoth(int kills) throws InterruptedException {
        if (kills % 3 == 1) {
            installation.killDatabase();
        }
        installation.kill();
        if (kills % 3 == 2) {
            installation.killDatabase();
        }
    }

    /** Works until the line goes dead. */
    private void work(Work work, Member member, int begin) {
        try {
            for (int i = begin; ; i++) {
                work.doOne(member, i);
            }
        } catch (NotDone answer) {
            // A database that was killed first is told as being away; anything else is a mistake of the application.
            if (answer.status() != AWAY) {
                unexpected.compareAndSet(null, answer);
            }
        } catch (IOException dead) {
            return;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } catch (RuntimeException e) {
            unexpected.compareAndSet(null, e);
        }
    }

    private Result result(int kills, List<Work> works, Member member) throws Exception {
        Losses all = Losses.NONE;
        StringBuilder what = new StringBuilder();
        for (Work work : works) {
            Losses losses = work.check(member);
            all = all.and(losses);
            what.append(", ").append(work.confirmed()).append(' ').append(work.name());
            if (!losses.equals(Losses.NONE)) {
                what.append(" (").append(losses).append(')');
            }
        }
        Exception mistake = unexpected.get();
        if (mistake != null) {
            throw new IllegalStateException("no kill explains this, after" + what, mistake);
        }
        return new Result(
                kills + " times kill -9: lost / doubled / stuck",
                "%d / %d / %d of%s".formatted(all.lost(), all.doubled(), all.stuck(), what.substring(1)),
                "0 / 0 / 0",
                all.equals(Losses.NONE) && kills > 0);
    }
}
