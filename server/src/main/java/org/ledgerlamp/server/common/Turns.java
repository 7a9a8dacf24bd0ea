package org.ledgerlamp.server.common;

import java.util.concurrent.Semaphore;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * Lets as many do heavy work at once as the machine has room for, in the order they came. The others wait before they take
 * a connection to the database, so that everything else goes on.
 */
@Component
public class Turns {
    private static final int A_PROCESSOR = 2;

    private final Semaphore free =
            new Semaphore(A_PROCESSOR * Runtime.getRuntime().availableProcessors(), true);

    /** Does the work when it is its turn. */
    public <T> T take(Supplier<T> work) {
        free.acquireUninterruptibly();
        try {
            return work.get();
        } finally {
            free.release();
        }
    }
}
