package org.ledgerlamp.server.jobs;

import java.util.Collection;
import java.util.List;
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
     * What is to be done although no order may be left for it, as of a team that was moved here or a version before orders were
     * kept; it is ordered at the start.
     */
    default Collection<UUID> unordered() {
        return List.of();
    }

    /**
     * Does it, or goes on with it.
     *
     * @param subject what it is done to
     * @throws RuntimeException where it could not be done now; it is tried again after a pause that grows
     */
    void carryOut(UUID subject);
}
