package org.ledgerlamp.server.imports;

/** How far an import has come. */
enum ImportState {
    /** Files are handed in. */
    RECEIVING,
    RUNNING,
    /** A member stopped it; it goes on from there. */
    PAUSED,
    DONE
}
