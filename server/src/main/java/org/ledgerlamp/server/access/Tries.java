package org.ledgerlamp.server.access;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Objects;
import org.ledgerlamp.server.common.Keys;
import org.ledgerlamp.server.common.Refusal;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Counts tries to guess something. The counts stand in the database, so that a restart forgets none. */
@Component
class Tries {
    private static final Duration FORGOTTEN_AFTER = Duration.ofHours(1);

    private final JdbcTemplate database;
    private final Clock clock;

    Tries(JdbcTemplate database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /**
     * Counts a try before it is looked at, so that of many at once none slips by.
     *
     * @param of what is guessed at, and by whom
     * @param window after which counting begins anew
     * @return how many there were within the window, this one included
     */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public int count(String of, Duration window) {
        Instant now = clock.instant();
        Integer tries = database.queryForObject(
                "insert into sign_in_try (what, tries, since) values (?, 1, ?) on duplicate key update"
                        + " tries = if(since < ?, 1, tries + 1), since = if(since < ?, values(since), since)"
                        + " returning tries",
                Integer.class,
                Keys.digest(of),
                Timestamp.from(now),
                Timestamp.from(now.minus(window)),
                Timestamp.from(now.minus(window)));
        return Objects.requireNonNull(tries);
    }

    /**
     * Counts a try at what somebody who is signed in, or the first visitor, may guess at.
     *
     * @param most how many may be made within the window
     * @throws Refusal where these were more
     */
    @Transactional(propagation = Propagation.REQUIRES_NEW, noRollbackFor = Refusal.class)
    public void limit(String of, Duration window, int most) {
        if (count(of, window) > most) {
            throw Refusal.tooOften("Too many attempts. Wait five minutes.");
        }
    }

    /** Takes a try back: it was none of guessing. */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void takeBack(String of) {
        database.update("update sign_in_try set tries = greatest(tries - 1, 0) where what = ?", Keys.digest(of));
    }

    /** Forgets all tries at these, and those that were long ago. */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void forget(String... all) {
        for (String of : all) {
            database.update("delete from sign_in_try where what = ?", Keys.digest(of));
        }
        database.update(
                "delete from sign_in_try where since < ?",
                Timestamp.from(clock.instant().minus(FORGOTTEN_AFTER)));
    }
}
