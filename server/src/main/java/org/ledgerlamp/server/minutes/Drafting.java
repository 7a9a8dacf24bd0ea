package org.ledgerlamp.server.minutes;

import java.time.Duration;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.language.Progress;

/** A draft in the making: how far it is, and what became of it. */
final class Drafting implements Progress {
    /** How far it is. */
    enum State {
        WAITING,
        READING,
        DONE,
        FAILED
    }

    private final UUID id;
    private final UUID teamId;
    private State state = State.WAITING;
    private int done;
    private int all;
    private @Nullable UUID minutesId;
    private @Nullable String problem;

    Drafting(UUID id, UUID teamId) {
        this.id = id;
        this.teamId = teamId;
    }

    UUID id() {
        return id;
    }

    UUID teamId() {
        return teamId;
    }

    /** Of the talk the sentences are counted; notes and agenda are short beside it. */
    @Override
    public synchronized void done(int sentences, int ofAll) {
        state = State.READING;
        done = Math.max(done, sentences);
        all = ofAll;
    }

    synchronized void finished(UUID minutes) {
        state = State.DONE;
        minutesId = minutes;
        notifyAll();
    }

    synchronized void failed(@Nullable String why) {
        state = State.FAILED;
        problem = why;
        notifyAll();
    }

    /**
     * How it stands once it is over, or after some time.
     *
     * @param most how long to wait for its end
     */
    synchronized DraftingView viewWithin(Duration most) throws InterruptedException {
        long until = System.nanoTime() + most.toNanos();
        while (state != State.DONE && state != State.FAILED) {
            long left = Duration.ofNanos(until - System.nanoTime()).toMillis();
            if (left <= 0) {
                break;
            }
            wait(left);
        }
        return view();
    }

    synchronized DraftingView view() {
        return new DraftingView(id, state, done, all, minutesId, problem);
    }
}
