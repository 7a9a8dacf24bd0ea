package org.ledgerlamp.server.minutes;

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
    }

    synchronized void failed(@Nullable String why) {
        state = State.FAILED;
        problem = why;
    }

    synchronized DraftingView view() {
        return new DraftingView(id, state, done, all, minutesId, problem);
    }
}
