package org.ledgerlamp.database;

import java.nio.file.Path;

/** Starts a server and dies without a word, as a process does that is killed. */
final class KilledOwner {
    static final int STATUS = 137;

    private KilledOwner() {}

    public static void main(String[] args) {
        PrivateMariaDb.start(Path.of(args[0]), PrivateMariaDb.Durability.FAST);
        Runtime.getRuntime().halt(STATUS);
    }
}
