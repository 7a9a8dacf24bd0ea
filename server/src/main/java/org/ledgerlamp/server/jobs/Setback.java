package org.ledgerlamp.server.jobs;

import jakarta.persistence.PersistenceException;
import java.io.IOException;
import java.sql.SQLException;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.transaction.TransactionException;

/** Tells what stands in the way of a job for now from what it will stumble over each time. */
public final class Setback {
    /** How the states begin by which a database says that it was given something it cannot keep. */
    private static final String UNFIT_DATA = "22";

    private static final String UNFIT_ROW = "23";

    private Setback() {}

    /**
     * Whether it is worth trying again: the database is away, has no room or was in somebody else's hands. What it would not
     * take in any case is no such thing.
     */
    public static boolean willPass(Throwable failure) {
        boolean passing = false;
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof DataIntegrityViolationException || cause instanceof SQLException sql && isUnfit(sql)) {
                return false;
            }
            passing |= cause instanceof DataAccessException
                    || cause instanceof TransactionException
                    || cause instanceof PersistenceException
                    || cause instanceof SQLException
                    || cause instanceof IOException;
        }
        return passing;
    }

    private static boolean isUnfit(SQLException e) {
        String state = e.getSQLState() == null ? "" : e.getSQLState();
        return state.startsWith(UNFIT_DATA) || state.startsWith(UNFIT_ROW);
    }
}
