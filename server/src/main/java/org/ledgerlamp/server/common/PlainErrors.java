package org.ledgerlamp.server.common;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the container itself refuses, in our own form and without telling what the program is made of. */
@RestController
class PlainErrors implements ErrorController {
    @RequestMapping("/error")
    ResponseEntity<ProblemDetail> say(HttpServletRequest request) {
        HttpStatus status = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE) instanceof Integer code
                ? HttpStatus.resolve(code)
                : HttpStatus.NOT_FOUND; // nobody was led here: somebody asked for it
        HttpStatus known = status == null ? HttpStatus.INTERNAL_SERVER_ERROR : status;
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(
                known,
                known.is5xxServerError()
                        ? "Something failed on our side; the server's log has the details."
                        : "The request was not understood, or there is nothing here.");
        problem.setTitle(known.is5xxServerError() ? "Failed" : "Refused");
        return ResponseEntity.status(known).body(problem);
    }
}
