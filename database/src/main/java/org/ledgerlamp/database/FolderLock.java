package org.ledgerlamp.database;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/** Keeps a second process off a data folder. The operating system gives it up with the process, however that ends. */
final class FolderLock implements AutoCloseable {
    private final FileChannel channel;

    private FolderLock(FileChannel channel) {
        this.channel = channel;
    }

    /** @throws DatabaseFailure where another process, or another part of this one, has the folder */
    static FolderLock take(Path folder) {
        try {
            FileChannel channel =
                    FileChannel.open(folder.resolve("lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            FileLock lock = tryLock(channel);
            if (lock == null) {
                channel.close();
                throw new DatabaseFailure("another Ledger Lamp is running on " + folder + ": stop it first", null);
            }
            return new FolderLock(channel);
        } catch (IOException e) {
            throw new DatabaseFailure("the folder " + folder + " cannot be locked: " + e.getMessage(), e);
        }
    }

    private static FileLock tryLock(FileChannel channel) throws IOException {
        try {
            return channel.tryLock();
        } catch (OverlappingFileLockException ours) {
            return null;
        }
    }

    @Override
    public void close() {
        try {
            channel.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
