package org.ledgerlamp.server.outgoing;

import java.time.Duration;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;

/** Ends work with another server after a time, however little by little it answers. */
public final class Deadline {
    private Deadline() {}

    /**
     * Does the work in a virtual thread of its own; where it is not done in time, it is interrupted, which closes a socket
     * that it waits at.
     *
     * @throws TimeoutException where it was not done in time
     * @throws ExecutionException where it failed, or we were interrupted ourselves
     */
    public static <T> T within(Duration most, Callable<T> work) throws TimeoutException, ExecutionException {
        FutureTask<T> task = new FutureTask<>(work);
        Thread.ofVirtual().name("outgoing").start(task);
        try {
            return task.get(most.toMillis(), TimeUnit.MILLISECONDS);
        } catch (TimeoutException e) {
            task.cancel(true);
            throw e;
        } catch (InterruptedException e) {
            task.cancel(true);
            Thread.currentThread().interrupt();
            throw new ExecutionException("broken off", e);
        }
    }
}
