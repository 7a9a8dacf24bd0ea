package org.ledgerlamp.server.common;

import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.dao.TransientDataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import org.springframework.web.util.DisconnectedClientHelper;

/** Turns every error into problem details that say what happened and what was kept. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String detail = e.getBindingResult().getFieldErrors().stream()
                .map(f -> f.getField() + " " + f.getDefaultMessage())
                .sorted()
                .collect(Collectors.joining("; "));
        e.getBody().setTitle("Not understood");
        e.getBody().setDetail(detail);
        return handleExceptionInternal(e, e.getBody(), headers, status, request);
    }

    @Override
    protected ResponseEntity<Object> handleMaxUploadSizeExceededException(
            MaxUploadSizeExceededException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(
                HttpStatus.CONTENT_TOO_LARGE, "A file may have 25 MB, all files of one request 100 MB.");
        problem.setTitle("Too large");
        return handleExceptionInternal(e, problem, headers, HttpStatus.CONTENT_TOO_LARGE, request);
    }

    /** An upload that ended before its end, or is none. */
    @ExceptionHandler(MultipartException.class)
    ResponseEntity<ProblemDetail> brokenUpload() {
        Refusal refusal = Refusal.invalid("The upload was cut off, or is none. Nothing was taken; send it again.");
        return ResponseEntity.status(refusal.getStatusCode()).body(refusal.getBody());
    }

    /** Two writes at the same instant: the later one is told to look again. */
    @ExceptionHandler(OptimisticLockingFailureException.class)
    ResponseEntity<ProblemDetail> changedMeanwhile() {
        Refusal refusal = Refusal.stale(null);
        return ResponseEntity.status(refusal.getStatusCode()).body(refusal.getBody());
    }

    /** The database is away, or was while this went on; it comes back by itself. */
    @ExceptionHandler({
        CannotCreateTransactionException.class,
        DataAccessResourceFailureException.class,
        TransientDataAccessException.class,
        TransactionSystemException.class
    })
    ResponseEntity<ProblemDetail> databaseAway(Exception e) {
        LOG.warn("The database did not answer", e);
        Refusal busy =
                Refusal.busy("The database does not answer just now. Nothing was changed; try again in a moment.");
        return ResponseEntity.status(busy.getStatusCode())
                .header(HttpHeaders.RETRY_AFTER, "5")
                .body(busy.getBody());
    }

    @ExceptionHandler(Exception.class)
    @Nullable
    ResponseEntity<ProblemDetail> unforeseen(Exception e) {
        if (DisconnectedClientHelper.isClientDisconnectedException(e)) {
            return null; // nobody is there any more to be told
        }
        LOG.error("A request failed", e);
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Something failed on our side; the server's log has the details. Nothing was changed.");
        problem.setTitle("Failed");
        return ResponseEntity.internalServerError().body(problem);
    }
}
