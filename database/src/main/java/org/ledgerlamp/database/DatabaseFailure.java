package org.ledgerlamp.database;

/** The private database cannot be had. The message says why, and what to do. */
public final class DatabaseFailure extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public DatabaseFailure(String message, Throwable cause) {
        super(message, cause);
    }
}
