package org.ledgerlamp.trials.soak;

import java.io.IOException;
import org.ledgerlamp.trials.Member;

/** Something members do, and what must be there once the server has said that it was done. */
interface Work {
    /** What it is called in the report. */
    String name();

    /**
     * Does one more piece of it, and puts down what was confirmed.
     *
     * @throws IOException where the line went dead, or the server did not do it; nothing was confirmed then
     */
    void doOne(Member member, int number) throws IOException, InterruptedException;

    /** How much was confirmed. */
    int confirmed();

    /** Compares what is there with what was confirmed; where something goes on in the background, waits for its end. */
    Losses check(Member member) throws IOException, InterruptedException;

    /**
     * What is wrong.
     *
     * @param lost what was confirmed and is not there
     * @param doubled what is there twice
     * @param stuck what was accepted and does not come to its end
     */
    record Losses(int lost, int doubled, int stuck) {
        static final Losses NONE = new Losses(0, 0, 0);

        Losses and(Losses more) {
            return new Losses(lost + more.lost, doubled + more.doubled, stuck + more.stuck);
        }
    }
}
