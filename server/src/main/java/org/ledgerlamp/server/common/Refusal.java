package org.ledgerlamp.server.common;

import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.ErrorResponseException;

/** A request that is not carried out, with the reason as RFC 9457 problem details. */
public final class Refusal extends ErrorResponseException {
    private static final long serialVersionUID = 1L;

    private Refusal(HttpStatus status, String title, String detail) {
        super(status, problem(status, title, detail), null);
    }

    private static ProblemDetail problem(HttpStatus status, String title, String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setTitle(title);
        return problem;
    }

    /** What is asked for is not there, or not this team's: which of the two is not said. */
    public static Refusal notFound(String what) {
        return new Refusal(HttpStatus.NOT_FOUND, "Not found", "There is no such " + what + ".");
    }

    /** It was there, and was deleted for good. */
    public static Refusal gone(String detail) {
        return new Refusal(HttpStatus.GONE, "Deleted", detail);
    }

    /** The state of things does not allow it. */
    public static Refusal conflict(String detail) {
        return new Refusal(HttpStatus.CONFLICT, "Not possible now", detail);
    }

    /** Nobody who may do it stands behind the request. */
    public static Refusal notSigned(String detail) {
        return new Refusal(HttpStatus.UNAUTHORIZED, "Not taken", detail);
    }

    /** Somebody else may do it, in another role. */
    public static Refusal forbidden(String detail) {
        return new Refusal(HttpStatus.FORBIDDEN, "Refused", detail);
    }

    /** The request does not make sense. */
    public static Refusal invalid(String detail) {
        return new Refusal(HttpStatus.BAD_REQUEST, "Not understood", detail);
    }

    /** Something was tried too often in a short time. */
    public static Refusal tooOften(String detail) {
        return new Refusal(HttpStatus.TOO_MANY_REQUESTS, "Too many tries", detail);
    }

    /** Too much is under way just now; the same request may go through in a moment. */
    public static Refusal busy(String detail) {
        return new Refusal(HttpStatus.SERVICE_UNAVAILABLE, "Busy", detail);
    }

    /** The write was made on a version that somebody has changed since; {@code current} is what stands now. */
    public static Refusal stale(Object current) {
        Refusal refusal = new Refusal(
                HttpStatus.PRECONDITION_FAILED,
                "Changed meanwhile",
                "Somebody changed this since you read it. Nothing was overwritten.");
        refusal.getBody().setProperty("current", current);
        return refusal;
    }

    /** Adds a field to the problem. */
    public Refusal with(String key, @Nullable Object value) {
        getBody().setProperty(key, value);
        return this;
    }

    /** The same, with what led to it for whoever reads the log. */
    public Refusal because(Exception cause) {
        addSuppressed(cause);
        return this;
    }
}
