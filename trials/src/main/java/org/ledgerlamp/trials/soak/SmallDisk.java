package org.ledgerlamp.trials.soak;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.FileStore;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/** A disk of its own for an installation, small enough to be filled. Only the system's administrator can have one. */
public final class SmallDisk implements AutoCloseable {
    private static final int CHUNK = 1 << 20;

    private final Path where;

    private SmallDisk(Path where) {
        this.where = where;
    }

    /**
     * Makes one.
     *
     * @param where an empty folder that it is to be found in
     * @return nothing where this process may not make one
     */
    public static Optional<SmallDisk> of(Path where, int megabytes) throws IOException, InterruptedException {
        Files.createDirectories(where);
        boolean made =
                succeeds("mount", "-t", "tmpfs", "-o", "mode=711,size=" + megabytes + "m", "tmpfs", where.toString());
        return made ? Optional.of(new SmallDisk(where)) : Optional.empty();
    }

    private static boolean succeeds(String... command) throws IOException, InterruptedException {
        return new ProcessBuilder(command)
                        .redirectErrorStream(true)
                        .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                        .start()
                        .waitFor()
                == 0;
    }

    /** Fills it to the last byte. */
    void fill() throws IOException {
        FileStore store = Files.getFileStore(where);
        try (RandomAccessFile ballast = new RandomAccessFile(ballast().toFile(), "rw")) {
            byte[] chunk = new byte[CHUNK];
            while (store.getUsableSpace() > 0) {
                ballast.seek(ballast.length());
                ballast.write(chunk, 0, (int) Math.min(CHUNK, store.getUsableSpace()));
            }
        } catch (IOException full) {
            // What is written beside it takes the last bytes.
            if (store.getUsableSpace() > CHUNK) {
                throw full;
            }
        }
    }

    /** Makes room again. */
    void clear() throws IOException {
        Files.deleteIfExists(ballast());
    }

    private Path ballast() {
        return where.resolve("ballast");
    }

    @Override
    public void close() throws IOException {
        try {
            if (!succeeds("umount", where.toString())) {
                throw new IOException(where + " is still in use: it stays mounted");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
