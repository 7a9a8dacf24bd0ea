package org.ledgerlamp.database;

import java.io.IOException;
import java.nio.file.Path;

/** The folder of everything that is kept. */
public final class DataFolder {
    private DataFolder() {}

    /**
     * Makes the folder where it is missing, and closes it to everybody else on the machine, also where it was made or
     * brought back with wider rights.
     *
     * @throws DatabaseFailure where that cannot be done
     */
    public static void close(Path folder) {
        try {
            ServerAccount.ofThisProcess().letThrough(folder);
        } catch (IOException e) {
            throw new DatabaseFailure("the folder " + folder + " cannot be used: " + e.getMessage(), e);
        }
    }
}
