package org.ledgerlamp.server.common;

import jakarta.annotation.PreDestroy;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.Semaphore;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * Lets as many do heavy work at once as the machine has processors, in the order they came. The others wait before they take
 * a connection to the database, and the work gives way to everybody who wants to read something, so that all else goes on.
 */
@Component
public class Turns {
    private static final int A_PROCESSOR = 2;

    private final Semaphore free =
            new Semaphore(A_PROCESSOR * Runtime.getRuntime().availableProcessors(), true);
    private final ForkJoinPool threads =
            PatientThreads.pool("heavy-work", Runtime.getRuntime().availableProcessors());

    /** Does the work when it is its turn, on another thread than the caller's; throws what it throws. */
    public <T> T take(Supplier<T> work) {
        try {
            return CompletableFuture.supplyAsync(work, threads).join();
        } catch (CompletionException e) {
            if (e.getCause() instanceof RuntimeException cause) {
                throw cause;
            }
            throw e;
        }
    }

    /** Does at once what takes only moments, as long as not too many do such things. */
    public <T> T soon(Supplier<T> work) {
        free.acquireUninterruptibly();
        try {
            return work.get();
        } finally {
            free.release();
        }
    }

    @PreDestroy
    void stop() {
        threads.shutdown();
    }
}
