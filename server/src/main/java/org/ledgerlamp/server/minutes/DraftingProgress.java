package org.ledgerlamp.server.minutes;

import java.time.Duration;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.ledgerlamp.core.language.Progress;

/** How far a draft in the making is. It is known while the server runs; after that the work begins anew. */
final class DraftingProgress implements Progress {
    private final CountDownLatch over = new CountDownLatch(1);
    private volatile int done;
    private volatile int all;

    /** Of the talk the sentences are counted; notes and agenda are short beside it. */
    @Override
    public synchronized void done(int sentences, int ofAll) {
        done = Math.max(done, sentences);
        all = ofAll;
    }

    int done() {
        return done;
    }

    /** Sentences to read; 0 while that is unknown. */
    int all() {
        return all;
    }

    void end() {
        over.countDown();
    }

    /** Waits until it is over, or for some time. */
    void await(Duration most) throws InterruptedException {
        over.await(most.toMillis(), TimeUnit.MILLISECONDS);
    }
}
