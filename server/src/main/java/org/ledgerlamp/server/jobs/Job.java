package org.ledgerlamp.server.jobs;

import java.util.UUID;

/**
 * A kind of work that goes on in the background. It may be begun more than once for the same subject, after the server or
 * the database died in the middle: it looks first at how far it came.
 */
public interface Job {
    /** What kind it is; kept in the database, so it never changes. */
    String name();

    /** Where it waits. */
    Lane lane();

    /**
     * Does it, or goes on with it.
     *
     * @param subject what it is done to
     * @throws RuntimeException where it could not be done now; it is tried again after a pause that grows
     */
    void carryOut(UUID subject);
}
