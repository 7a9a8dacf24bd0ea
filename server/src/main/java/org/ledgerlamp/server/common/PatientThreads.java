package org.ledgerlamp.server.common;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.ForkJoinWorkerThread;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Threads for heavy work, to which the system gives a processor only when nobody else wants it: whoever reads a page does not
 * wait for somebody else's draft. Virtual threads would not do, for they keep their processor until they are done.
 */
public final class PatientThreads {
    private static final Logger LOG = LoggerFactory.getLogger(PatientThreads.class);
    /** In the system's own measure, 0 for ordinary work to 19 for what may wait longest. */
    private static final int NICENESS = 15;

    private static final int NICENESS_OF_COMPILERS = 5;

    private PatientThreads() {}

    /**
     * A pool of them. What is handed in is begun in that order; parallel streams within it use the same threads.
     *
     * @param name what its threads are called
     * @param threads how many at once, from 1 on
     */
    public static ForkJoinPool pool(String name, int threads) {
        return new ForkJoinPool(threads, pool -> new PatientThread(name, pool), null, true);
    }

    /** Has the virtual machine's own compilers step back a little: for minutes after the start they want a processor. */
    public static void compilersToo() {
        try (Stream<Path> tasks = Files.list(Path.of("/proc/self/task"))) {
            for (Path task : tasks.toList()) {
                if (Files.readString(task.resolve("comm")).matches("C[12] Compiler.*\\s*")) {
                    stepBack(task.getFileName(), NICENESS_OF_COMPILERS);
                }
            }
        } catch (IOException e) {
            LOG.warn("the compilers do not step back", e);
        }
    }

    private static void stepBack(Path thread, int niceness) throws IOException {
        Process renice = new ProcessBuilder("renice", "-n", String.valueOf(niceness), "-p", thread.toString())
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        try {
            if (renice.waitFor() != 0) {
                LOG.warn("thread {} could not step back behind others", thread);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static final class PatientThread extends ForkJoinWorkerThread {
        PatientThread(String name, ForkJoinPool pool) {
            super(pool);
            setName(name);
        }

        @Override
        protected void onStart() {
            super.onStart();
            try {
                stepBack(Files.readSymbolicLink(Path.of("/proc/thread-self")).getFileName(), NICENESS);
            } catch (IOException e) {
                LOG.warn("{} does not step back behind others", getName(), e);
            }
        }
    }
}
