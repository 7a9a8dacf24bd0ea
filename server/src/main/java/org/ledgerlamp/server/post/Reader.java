package org.ledgerlamp.server.post;

import org.jspecify.annotations.Nullable;

/**
 * Somebody to whom minutes may go, and why.
 *
 * @param address null where none is known
 * @param part what they are to get
 */
record Reader(String name, @Nullable String address, Reason reason, Part part) {
    /** Why somebody is to get minutes. */
    enum Reason {
        ATTENDED,
        /** Was invited and was not there. */
        ABSENT,
        /** Was invited; nobody knows whether they were there. */
        INVITED,
        /** Was neither there nor invited, and is to do something. */
        OWNER,
        /** Belongs to a group that was named. */
        GROUP
    }

    /** What somebody gets of minutes. */
    enum Part {
        /** All of them. */
        WHOLE,
        /** What was decided, what concerns them, what comes next. */
        CATCH_UP,
        /** Their own actions. */
        OWN
    }
}
