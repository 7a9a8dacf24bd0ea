package org.ledgerlamp.server.recorder;

/** What a recorder can be told to do. */
enum RecorderCommand {
    START,
    PAUSE,
    RESUME,
    STOP
}
