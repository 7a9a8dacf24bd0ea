package org.ledgerlamp.core.language;

/** Listens to how far long work has come; called from several threads. */
@FunctionalInterface
public interface Progress {
    /** Nobody listens. */
    Progress UNWATCHED = (done, all) -> {};

    /** @param done steps taken of {@code all}, at least 1 */
    void done(int done, int all);
}
